<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** Reads which natural enemies were seen: `{"ladybirds": 3, "mummies": null}`, null where nobody counted them. */
final class EnemiesReader
{
    private const UNNAMED = 'others';

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

    /**
     * The same of a count: notebooks, logs and tables of before say only whether there were any. `true` is some that nobody named, `false` none.
     *
     * @return array<string, int|null> by slug
     *
     * @throws InvalidDocument when one is none that is known, or no number
     */
    public static function ofCount(Node $node, Enemies $enemies): array
    {
        return match (true) {
            ! $node->isFlag() => self::read($node, $enemies),
            $node->flag() => [self::UNNAMED => null],
            default => [],
        };
    }
}
