<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** Reads which natural enemies were seen: `{"ladybirds": 3, "mummies": null}`, null where nobody counted them. */
final class EnemiesReader
{
    /**
     * @return array<string, int|null> by slug
     *
     * @throws InvalidDocument when one is none that is known, or no number
     */
    public static function read(?Node $node, Enemies $enemies): array
    {
        $seen = [];
        $said = $node?->object($enemies->slugs());
        foreach ($said?->keys() ?? [] as $slug) {
            $seen[$slug] = $said?->filled($slug)?->whole(0, InputLines::MOST_ROWS['value']);
        }

        return $seen;
    }
}
