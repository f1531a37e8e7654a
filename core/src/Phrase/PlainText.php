<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Data\InputLines;

/** A line in one spelling: small letters, plain fractions, one kind of hyphen and of space. */
final class PlainText
{
    public const LONGEST = InputLines::LONGEST_PHRASE['value'];

    private const FRACTIONS = [
        '½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4', '⅕' => '1/5', '⅖' => '2/5', '⅗' => '3/5', '⅘' => '4/5',
        '⅙' => '1/6', '⅚' => '5/6', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8',
    ];

    /** @throws Unclear when it is too long, or no text */
    public static function of(string $line): string
    {
        if (! mb_check_encoding($line, 'UTF-8')) {
            throw Unclear::becauseOf(new Refusal('not-text'));
        }
        if (mb_strlen($line) > self::LONGEST) {
            throw Unclear::becauseOf(new Refusal('too-long', ['limit' => (string) self::LONGEST]));
        }
        foreach (self::FRACTIONS as $sign => $plain) {
            $line = str_replace($sign, " {$plain} ", $line);
        }
        $line = str_replace(['⁄', '∕', '–', '—', '−', '‐', '‑', '×', '％', '’'], ['/', '/', '-', '-', '-', '-', '-', ' x ', '%', "'"], $line);
        $line = (string) preg_replace('/(?<=\p{L})-(?=\p{L})|[\p{Z}\p{C}()\[\]"]+/u', ' ', mb_strtolower($line));

        return trim($line);
    }

    /** @return list<RawWord> */
    public static function words(string $plain): array
    {
        preg_match_all("/\\d+(?:[.,]\\d+)*|[.,]\\d+|\\p{L}[\\p{L}\\p{N}']*|\\S/u", $plain, $found, PREG_OFFSET_CAPTURE);
        $words = [];
        foreach ($found[0] as [$text, $offset]) {
            $last = end($words);
            // “tbsp.”, “soap,”: a stop after a word says nothing.
            if (in_array($text, ['.', ',', ';', '!'], true) && ($last === false || $last->isLetters())) {
                continue;
            }
            $words[] = new RawWord($text, $offset);
        }

        return $words;
    }
}
