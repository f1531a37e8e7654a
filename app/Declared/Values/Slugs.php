<?php

declare(strict_types=1);

namespace App\Declared\Values;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** Recipes that take turns, by their slugs. */
final class Slugs
{
    /**
     * @return list<string>
     *
     * @throws InvalidDocument when one is none, or they are too many
     */
    public static function read(Node $node, int $least = 0): array
    {
        return array_map(static fn(Node $one): string => $one->text(InputLines::LONGEST_SLUG['value'], 1), $node->items($least, ScheduleLines::MOST_IN_TURN['value'], 'methods'));
    }

    /** @param list<string> $slugs */
    public static function kept(array $slugs): ?string
    {
        return $slugs === [] ? null : json_encode($slugs, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE);
    }

    /** @return array<string, mixed> */
    public static function schema(int $least = 0): array
    {
        return ['type' => 'array', 'items' => ['type' => 'string'], 'minItems' => $least, 'maxItems' => ScheduleLines::MOST_IN_TURN['value']];
    }
}
