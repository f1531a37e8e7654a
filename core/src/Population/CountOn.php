<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** A count on its day. */
final readonly class CountOn
{
    /**
     * @param int   $day   days after the first one
     * @param float $value 0 and more
     */
    public function __construct(public int $day, public float $value) {}
}
