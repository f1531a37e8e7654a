<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Recipe\BasisOf;
use IdleMixer\Core\Words\Say;

/** “The same amount of soap”, “half as much”: so much as of the last thing above that was understood and is no water. */
final readonly class SameAmount
{
    /** @param array<string, float> $times by how it is said */
    private function __construct(private array $times) {}

    public static function shipped(): self
    {
        /** @var array<string, float> $times */
        $times = Say::words('reading/same-amounts');
        uksort($times, static fn(string $a, string $b): int => strlen($b) <=> strlen($a));

        return new self($times);
    }

    /** @return array{string, float}|null the thing that is named, and how many times as much of it; null where the line says its own amount */
    public function of(string $line): ?array
    {
        $plain = mb_strtolower(trim(Pasted::plain($line), " \t\u{a0}-•*·"));
        foreach ($this->times as $words => $times) {
            if (str_starts_with($plain, "{$words} ")) {
                return [trim(substr($plain, strlen($words))), $times];
            }
        }

        return null;
    }

    /** The thing of a line, in so many times the amount of another: a range stays one. */
    public static function taken(SpokenLine $thing, SpokenLine $from, float $times): SpokenLine
    {
        return new SpokenLine($thing->of, $from->kind, $from->low * $times, $from->high === null ? null : $from->high * $times, $from->unit, $from->per, $from->waterParts, $thing->strength, $from->byEye, $thing->remarks);
    }

    /** So many times as much water; null where the other is no one volume. */
    public static function water(SpokenLine $from, float $times): ?SpokenBasis
    {
        $unit = $from->kind === SpokenKind::Amount && $from->high === null ? $from->unit : null;

        return $unit?->unit->dimension() === Dimension::Volume ? SpokenBasis::volume($from->low * $times, $unit, BasisOf::Water) : null;
    }
}
