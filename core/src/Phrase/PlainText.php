<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Data\InputLines;

/** A line in one spelling: small letters, plain fractions, one kind of hyphen and of space, no bullet before it. */
final class PlainText
{
    public const LONGEST = InputLines::LONGEST_PHRASE['value'];

    private const FRACTIONS = [
        '½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4', '⅕' => '1/5', '⅖' => '2/5', '⅗' => '3/5', '⅘' => '4/5',
        '⅙' => '1/6', '⅚' => '5/6', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8',
    ];

    /** A sign, a box or a number with nothing but a blank behind it. A minus sign is none, and a hyphen before a digit neither. */
    private const BULLET = '/\A\s*(?:[-–—*•·‣▪◦●○☐☑✓✔➢>]+|\[[ xX]?\]|\(?[a-z][.)])\s+/u';

    private const NUMBERED = '/\A\s*(?:(?:step|no|nr)\b\.?\s*\d{1,2}\s*[:.)\-]?|\(?\d{1,2}[.)])\s+(?=(.*)\z)/us';

    /** Where a sentence ends: before a capital, and not behind what is short for a unit. */
    private const SENTENCE = '/\s*\n\s*|(?<=[\p{L}\p{N})%])(?<!\btsp|\btbsp|\btbs|\btblsp|\boz|\bfl|\bgal|\bqt|\bpt|\bc|\blit|\bltr|\bapprox|\bTsp|\bTbsp|\bTbs|\bOz|\bml|\bdr)[.!?]\s+(?=\p{Lu})/u';

    /** @throws Unclear when it is too long, or no text */
    public static function of(string $line): string
    {
        if (! mb_check_encoding($line, 'UTF-8')) {
            throw Unclear::becauseOf(new Refusal(LineFinding::NotText));
        }
        if (mb_strlen($line) > self::LONGEST) {
            throw Unclear::becauseOf(new Refusal(LineFinding::TooLong, ['limit' => (string) self::LONGEST]));
        }
        // What stands in a line of its own is a thing of its own.
        $line = (string) preg_replace('/(?<=[\p{L}\p{N})%])\s*\R\s*(?=\S)/u', ', ', $line);
        $line = mb_strtolower(self::withoutBullet($line));
        foreach (self::FRACTIONS as $sign => $plain) {
            $line = str_replace($sign, " {$plain} ", $line);
        }
        $line = str_replace(['⁄', '∕', '–', '—', '−', '‐', '‑', '×', '％', '’'], ['/', '/', '-', '-', '-', '-', '-', ' x ', '%', "'"], $line);
        $line = self::handsOnNumbers($line);
        $line = (string) preg_replace('/(?<=\p{L})-(?=\p{L})|[\p{Z}\p{C}"]+/u', ' ', $line);
        // “1 000 ml”: a blank parts thousands where noughts follow it, and nothing else could.
        $line = (string) preg_replace('/(?<![\d.,\/] )(?<![\d.,\/])\b([1-9]\d{0,2}) (000)\b(?![ .,\/]?\d)/u', '$1$2', $line);

        return trim($line);
    }

    /**
     * The sentences of a line, one at least.
     *
     * @return list<string>
     */
    public static function sentences(string $line): array
    {
        $found = mb_check_encoding($line, 'UTF-8') && mb_strlen($line) <= 4 * self::LONGEST ? preg_split(self::SENTENCE, $line) : false;

        return $found === false ? [$line] : $found;
    }

    /** @return list<RawWord> */
    public static function words(string $plain): array
    {
        preg_match_all("/\\d+(?:[.,]\\d+)*|[.,]\\d+|\\p{L}[\\p{L}\\p{N}']*|\\S/u", $plain, $found, PREG_OFFSET_CAPTURE);
        $words = [];
        foreach ($found[0] as [$text, $offset]) {
            $last = end($words);
            // “tbsp.”: a stop after a word says nothing.
            if ($text === '.' && ($last === false || $last->isLetters() || in_array($last->text, ['%', ')'], true))) {
                continue;
            }
            $words[] = new RawWord($text, $offset);
        }

        return $words;
    }

    public static function withoutBullet(string $line): string
    {
        for ($i = 0; $i < 3 && preg_match(self::BULLET, $line, $found) === 1; ++$i) {
            $line = substr($line, strlen($found[0]));
        }
        if (preg_match(self::NUMBERED, mb_strtolower($line), $found) === 1 && self::saysHowMuch($found[1])) {
            return mb_substr($line, mb_strlen($found[0]));
        }

        return $line;
    }

    /** “2. tbsp” is two of them and no second point of a list: a number, or what stands for one, has to come behind. */
    private static function saysHowMuch(string $rest): bool
    {
        return preg_match('/\d|[½⅓⅔¼¾⅛⅜⅝⅞]|\b(?:an?|half|quarter|third|couple|few|equal|' . implode('|', NumberReader::words()) . ')\b/u', $rest) === 1
            || preg_match('/\A(?:shake|stir|mix|spray|leave|wait|squirt|splash|dash|pinch|glug|add|combine|pour|put|fill|use|test|rinse|repeat|let|apply|store|strain|dissolve|warm|heat|blend|whisk|wash|do|always|keep)\b/u', $rest) === 1;
    }

    /** “5to10”, “two-three”, “two-hundred”: blanks where they were left out. */
    private static function handsOnNumbers(string $line): string
    {
        $line = (string) preg_replace(['/(?<=\d)(to|or)(?=\s*\d)/u', '/\b(to|or)(?=\d)/u'], [' $1 ', '$1 '], $line);
        $words = implode('|', array_diff(NumberReader::words(), NumberReader::tens()));
        $many = implode('|', NumberReader::many());

        return (string) preg_replace(["/\\b({$words})-(?=(?:{$many})\\b)/u", "/\\b({$words})-(?=(?:{$words})\\b)/u"], ['$1 ', '$1 - '], $line);
    }
}
