<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Phrase\SaidNumber;
use IdleMixer\Core\Words\SaidWords;
use IdleMixer\Core\Words\Say;

/** How many spoonfuls went in, as somebody says it who lost count: “4”, “2½”, “about 5”, “two too many”, “do not know”. */
final class SaidCount
{
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
        $words = SaidWords::shipped();
        $text = mb_strtolower(trim($said));
        if ($words->matches('nobody-knows', $text)) {
            return [0.0, 2.0 * $planned];
        }
        $loosely = $words->matches('loosely', $text);
        $text = $words->without('loosely', $text);
        $sign = match (true) {
            $words->matches('too-many', $text) => 1,
            $words->matches('too-few', $text) => -1,
            default => 0,
        };
        $number = match (true) {
            $words->has('none', $text) => [0.0, 0.0],
            $words->has('twice', $text) => [2.0 * $planned, 2.0 * $planned],
            $words->has('half', $text) => [$planned / 2.0, $planned / 2.0],
            default => SaidNumber::range($words->without('measures', $words->without('too-few', $words->without('too-many', $text)))),
        };
        if ($number === null || $number[1] > InputLines::MOST_LOST['value']) {
            throw InvalidDocument::because($path, Say::it('way-out/said-count.say-how-many-went-in'), $said);
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
