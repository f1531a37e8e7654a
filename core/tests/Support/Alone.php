<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

/** Rounds of which each is the only one of its case. */
final class Alone
{
    /** @return list<array{int, int}> successes and trials of each case */
    public static function rounds(int $worked, int $of): array
    {
        return [...array_fill(0, $worked, [1, 1]), ...array_fill(0, $of - $worked, [0, 1])];
    }
}
