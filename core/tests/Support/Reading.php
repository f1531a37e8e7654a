<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

/**
 * How hard a sentence is to read: the grade of Kincaid, Fishburne, Rogers and Chissom (1975), Naval Technical Training Command, Research
 * Branch Report 8-75: 0.39 words a sentence + 11.8 syllables a word - 15.59. Figures and the marks of units are read at a glance and are no
 * words. A sentence ends where a thought does, at a colon too (Flesch 1948, How to test readability). Syllables are counted by groups of vowels.
 */
final class Reading
{
    private const UNITS = ['mL', 'L', 'g', 's', 'h', 'mg', 'km', 'mm', 'C', 'F'];

    /** @return list<string> */
    public static function words(string $text): array
    {
        preg_match_all("/\p{L}[\p{L}’'-]*/u", $text, $found);

        return array_values(array_filter($found[0], static fn(string $word): bool => ! in_array($word, self::UNITS, true)));
    }

    public static function sentences(string $text): int
    {
        return max(1, preg_match_all('/[.!?:](?=\s|$)/u', $text));
    }

    public static function syllables(string $word): int
    {
        $plain = preg_replace(['/(?<=[^laeiouy])(e|es|ed)$/', '/(?<=[dt])ed$/'], ['', 'id'], strtolower($word)) ?? $word;

        return max(1, preg_match_all('/[aeiouy]+/', $plain));
    }

    public static function grade(string $text): float
    {
        $words = self::words($text);
        $syllables = array_sum(array_map(self::syllables(...), $words));

        return $words === [] ? 0.0 : 0.39 * count($words) / self::sentences($text) + 11.8 * $syllables / count($words) - 15.59;
    }
}
