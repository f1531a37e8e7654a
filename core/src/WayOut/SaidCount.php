<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Phrase\SaidNumber;

/** How many spoonfuls went in, as somebody says it who lost count: “4”, “2½”, “about 5”, “two too many”, “do not know”. */
final class SaidCount
{
    private const NOBODY_KNOWS = '/\A(?:(?:i )?do(?: not|n[\'’]?t) know|no idea|not sure|unknown|lost count|\?+)\z/u';

    private const LOOSELY = '/\A(?:about|around|roughly|maybe|perhaps|some|approx(?:imately)?|~)\s*/u';

    private const TOO_MANY = '/\s*(?:spoons?|spoonfuls?|scoops?|times)?\s*(?:too many|too much|more|over|extra)\z/u';

    private const TOO_FEW = '/\s*(?:spoons?|spoonfuls?|scoops?|times)?\s*(?:too few|too little|less|fewer|short|missing)\z/u';

    /**
     * From how many to how many; nobody who does not know puts in more than twice the plan.
     *
     * @param int $planned spoonfuls that were planned
     *
     * @return array{float, float}
     *
     * @throws InvalidDocument when it is no count
     */
    public static function read(string $said, int $planned, string $path): array
    {
        $text = mb_strtolower(trim($said));
        if (preg_match(self::NOBODY_KNOWS, $text) === 1) {
            return [0.0, 2.0 * $planned];
        }
        $loosely = preg_match(self::LOOSELY, $text) === 1;
        $text = (string) preg_replace(self::LOOSELY, '', $text);
        $sign = match (true) {
            preg_match(self::TOO_MANY, $text) === 1 => 1,
            preg_match(self::TOO_FEW, $text) === 1 => -1,
            default => 0,
        };
        $number = match (true) {
            in_array($text, ['none', 'nothing', 'zero', '0'], true) => [0.0, 0.0],
            in_array($text, ['twice', 'double', 'twice as many', 'twice as much'], true) => [2.0 * $planned, 2.0 * $planned],
            $text === 'half of it' => [$planned / 2.0, $planned / 2.0],
            default => SaidNumber::range((string) preg_replace([self::TOO_MANY, self::TOO_FEW, '/\s*(?:spoons?|spoonfuls?|scoops?|times|of them)\z/u'], '', $text)),
        };
        if ($number === null || $number[1] > InputLines::MOST_LOST['value']) {
            throw InvalidDocument::because($path, 'Say how many went in, like “4”, “2½”, “about 5”, “two too many” or “do not know”; found {found}.', $said);
        }
        [$from, $to] = $number;
        if ($loosely) {
            $off = max(min(1.0, $to), InputLines::LOOSELY['value'] * $to);
            [$from, $to] = [$from - $off, $to + $off];
        }

        return match ($sign) {
            1 => [$planned + max(0.0, $from), $planned + $to],
            -1 => [max(0.0, $planned - $to), max(0.0, $planned - max(0.0, $from))],
            default => [max(0.0, $from), $to],
        };
    }
}
