<?php

declare(strict_types=1);

namespace App\Declared;

use IdleMixer\Core\Words\Say;

/** The list to take along, as the log tells it and nobody reads it. */
final class ToBuySchema
{
    public const LIST = 'toBuy';

    /** @return array<string, mixed> JSON Schema (2020-12) */
    public static function schema(): array
    {
        return [
            'type' => 'array',
            'description' => Say::it('records/log-schema.to-take-along'),
            'items' => [
                'type' => 'object',
                'additionalProperties' => false,
                'required' => ['ingredient', 'takesMl', 'shortMl', 'from'],
                'properties' => [
                    'ingredient' => ['type' => 'string'],
                    'takesMl' => ['type' => 'number', 'minimum' => 0],
                    'shortMl' => ['type' => ['number', 'null'], 'minimum' => 0],
                    'from' => ['type' => ['string', 'null'], 'format' => 'date'],
                ],
            ],
        ];
    }
}
