<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;

/** What is left of what was mixed: sprayed in mL, lost as a share of what stood there at that moment. */
final class Remaining
{
    /**
     * @param float                                $mixed   mL that would stand there had nothing been sprayed
     * @param list<BottleLine>                     $lines   that happened once it was mixed
     * @param list<array{DateTimeImmutable, float}> $sprayed when, and how many mL
     *
     * @return float mL
     */
    public static function of(float $mixed, array $lines, array $sprayed): float
    {
        $events = [];
        $kept = 1.0;
        foreach ($lines as $line) {
            $kept *= 1.0 - $line->lost;
            $events[] = [$line->at, static fn(float $left): float => $left * (1.0 - $line->lost)];
        }
        foreach ($sprayed as [$at, $ml]) {
            $events[] = [$at, static fn(float $left): float => max(0.0, $left - $ml)];
        }
        usort($events, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return $kept <= 0.0 ? 0.0 : array_reduce($events, static fn(float $left, array $event): float => $event[1]($left), $mixed / $kept);
    }
}
