<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Data\InputLines;

/**
 * Finds what a misspelt word was meant to be: by the fewest letters added, left out, changed or swapped with their neighbour
 * (optimal string alignment; Damerau 1964, Communications of the ACM 7:171-176, from memory).
 */
final class Spelling
{
    /** @var array<string, array<int, list<array{string, string}>>> word and meaning, by first letter and length */
    private array $known = [];

    /** Two letters that changed places are the commonest slip of all, and outweigh a wrong one. */
    private const SWAPPED = 0.75;

    /** @param array<string, string> $known meaning by word */
    public function __construct(array $known)
    {
        foreach ($known as $word => $meaning) {
            $this->known[$word[0]][strlen($word)][] = [$word, $meaning];
        }
    }

    /** Null where nothing is near enough, or words of different meaning are. */
    public function meant(string $word): ?string
    {
        $allowed = self::allowed(strlen($word));
        $found = [];
        $best = $allowed + 1.0;
        foreach ($this->around($word, $allowed) as [$known, $meaning]) {
            // What is short in itself bears as little as what was written. Two letters swapped are two changed ones to the quick count.
            $bears = min($allowed, self::allowed(strlen($known)));
            if ($bears === 0 || levenshtein($word, $known) > 2 * $bears) {
                continue;
            }
            $off = self::distance($word, $known);
            if ($off > $bears || ! self::isNearWordByWord($word, $known)) {
                continue;
            }
            $best = min($best, $off);
            $found[] = [$known, $meaning, $off];
        }
        $nearest = array_values(array_filter($found, static fn(array $one): bool => $one[2] === $best));

        return $nearest !== [] && count(array_unique(array_column($nearest, 1))) === 1 ? $nearest[0][0] : null;
    }

    /** The known word that is nearest, wherever it begins; only fit to be asked about. */
    public function nearest(string $word): ?string
    {
        $word = substr($word, 0, InputLines::LONGEST_ECHO['value']);
        if (strlen($word) < InputLines::SHORTEST_GUESSED['value']) {
            return null;
        }
        // As far off as a word of its length may be that is mended; one letter where none is.
        [$best, $least] = [null, 1 + max(1, self::allowed(strlen($word)))];
        foreach ($this->known as $first => $_) {
            foreach ($this->around($first . substr($word, 1), $least - 1) as [$known]) {
                $distance = levenshtein($word, $known);
                if ($distance < $least) {
                    [$best, $least] = [$known, $distance];
                }
            }
        }

        return $best;
    }

    /** @return iterable<array{string, string}> known words of about that length with the same first letter */
    private function around(string $word, int $off): iterable
    {
        for ($length = max(1, strlen($word) - $off); $length <= strlen($word) + $off; ++$length) {
            yield from $this->known[$word[0]][$length] ?? [];
        }
    }

    /** “Seam oil” is no sesame oil: what stands beside a word does not make it bear more letters too many or too few. */
    private static function isNearWordByWord(string $word, string $known): bool
    {
        [$said, $meant] = [explode(' ', $word), explode(' ', $known)];
        if (count($said) !== count($meant)) {
            return true;
        }
        foreach ($said as $i => $one) {
            if (abs(strlen($one) - strlen($meant[$i])) > max(1, self::allowed(min(strlen($one), strlen($meant[$i]))))) {
                return false;
            }
        }

        return true;
    }

    private static function allowed(int $letters): int
    {
        return match (true) {
            $letters < InputLines::SHORTEST_MENDED['value'] => 0,
            $letters < InputLines::LONG_WORD['value'] => 1,
            default => 2,
        };
    }

    private static function distance(string $a, string $b): float
    {
        $before = [];
        $row = array_map(floatval(...), range(0, strlen($b)));
        for ($i = 1; $i <= strlen($a); ++$i) {
            $next = [(float) $i];
            for ($j = 1; $j <= strlen($b); ++$j) {
                $next[$j] = min($row[$j] + 1.0, $next[$j - 1] + 1.0, $row[$j - 1] + ($a[$i - 1] === $b[$j - 1] ? 0.0 : 1.0));
                if ($i > 1 && $j > 1 && $a[$i - 1] === $b[$j - 2] && $a[$i - 2] === $b[$j - 1]) {
                    $next[$j] = min($next[$j], $before[$j - 2] + self::SWAPPED);
                }
            }
            [$before, $row] = [$row, $next];
        }

        return $row[strlen($b)];
    }
}
