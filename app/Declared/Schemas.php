<?php

declare(strict_types=1);

namespace App\Declared;

/** Puts pieces of JSON Schema (2020-12) together. */
final class Schemas
{
    /**
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed> the same, or null
     */
    public static function orNull(array $schema): array
    {
        if (is_array($schema['enum'] ?? null)) {
            return [...$schema, 'enum' => [...array_values($schema['enum']), null]];
        }

        return is_string($schema['type'] ?? null) ? [...$schema, 'type' => [$schema['type'], 'null']] : ['oneOf' => [$schema, ['type' => 'null']]];
    }
}
