<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;

/** Moments are kept to the second: what came later in the same second is kept a second later, so that its order is not lost. */
final class InOrder
{
    /**
     * When something happened to a load: not before the spoonfuls that are in it, and after it was mixed where it is.
     *
     * @param list<Tick>             $ticks of all loads
     * @param DateTimeImmutable|null $mixed when the load was mixed; null while it is being mixed
     */
    public static function ofLine(DateTimeImmutable $now, int $load, array $ticks, ?DateTimeImmutable $mixed): DateTimeImmutable
    {
        return array_reduce(
            $ticks,
            static fn(DateTimeImmutable $last, Tick $tick): DateTimeImmutable => $tick->load === $load && $mixed === null ? max($last, $tick->at) : $last,
            $mixed !== null && $now->getTimestamp() <= $mixed->getTimestamp() ? $mixed->modify('+1 second') : $now,
        );
    }

    /**
     * When a spoonful went in: after what had happened to its load in the same second.
     *
     * @param list<BottleLine> $lines of all loads
     */
    public static function ofTick(DateTimeImmutable $at, int $load, array $lines): DateTimeImmutable
    {
        $same = array_filter($lines, static fn(BottleLine $line): bool => $line->load === $load && $line->at->getTimestamp() === $at->getTimestamp());

        return $same === [] ? $at : $at->modify('+1 second');
    }
}
