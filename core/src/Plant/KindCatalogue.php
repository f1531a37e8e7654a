<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plant;

use IdleMixer\Core\Words\Say;

/**
 * The kinds of plants that something is known of, and how they are read.
 *
 * @phpstan-type KindRow array{leaf: string, bears_no_oil: bool, soap_sensitive: bool, stands_bare: bool, kitchen_oil_heavy: bool, source: string}
 */
final class KindCatalogue
{
    /** @var array<string, string>|null slug by name as it is compared */
    private ?array $names = null;

    /** @param array<string, KindRow> $rows */
    public function __construct(private readonly array $rows, private readonly ToleranceCatalogue $leaves) {}

    public static function shipped(?ToleranceCatalogue $leaves = null): self
    {
        /** @var array<string, KindRow> $rows */
        $rows = require __DIR__ . '/../../data/kinds.php';

        return new self($rows, $leaves ?? ToleranceCatalogue::shipped());
    }

    /** @return list<string> */
    public function slugs(): array
    {
        return array_keys($this->rows);
    }

    /**
     * What is typed as a kind: the name that stands last in it, the longest of those that end there. The name of a variety, in quotes,
     * tells nothing.
     *
     * @return Kind|null null where nothing is known of it
     */
    public function read(string $typed): ?Kind
    {
        $text = self::plain($typed);
        $best = null;
        foreach ($this->names() as $name => $slug) {
            // A kind is told of several plants as well: roses, tomatoes, berries.
            $found = ! str_contains($text, $name) ? 0 : preg_match_all('/(?<![\p{L}])' . preg_quote($name, '/') . '(?:e?s)?(?![\p{L}])/u', $text, $at, \PREG_OFFSET_CAPTURE);
            if ($found === false || $found === 0) {
                continue;
            }
            [$words, $begin] = $at[0][$found - 1];
            $place = [$begin + strlen($words), strlen($name)];
            $best = $best === null || $place > $best[0] ? [$place, $slug] : $best;
        }

        return $best === null ? null : $this->get($best[1]);
    }

    private function get(string $slug): Kind
    {
        $row = $this->rows[$slug];

        return new Kind($slug, self::called($slug)[0], $this->leaves->get($row['leaf']), $row['bears_no_oil'], $row['soap_sensitive'], $row['stands_bare'], $row['kitchen_oil_heavy'], $row['source']);
    }

    /** @return array<string, string> */
    private function names(): array
    {
        if ($this->names === null) {
            $this->names = [];
            foreach (array_keys($this->rows) as $slug) {
                foreach (self::called($slug) as $name) {
                    $this->names[self::plain($name)] = $slug;
                    $this->names[(string) preg_replace('/y$/', 'ie', self::plain($name))] ??= $slug;
                }
            }
        }

        return $this->names;
    }

    /** @return non-empty-list<string> */
    private static function called(string $slug): array
    {
        /** @var non-empty-list<string> */
        return Say::words('kinds')[$slug];
    }

    private static function plain(string $text): string
    {
        $text = str_replace(['’', '‘', '´', '`', '“', '”'], ["'", "'", "'", "'", '"', '"'], mb_strtolower($text));
        // A variety stands in quotes: ‘Bloodgood’. An apostrophe within a word is none.
        $text = (string) preg_replace('/(?<![\p{L}])(["\'])[^"]*?\1(?![\p{L}])/u', ' ', $text);

        return trim((string) preg_replace('/[^\p{L}\']+/u', ' ', $text));
    }
}
