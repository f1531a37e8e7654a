<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trainer;

/** A mistake, and the same season without it. */
final readonly class Shown
{
    /** @param list<int> $instead days of the rounds that would have left fewer */
    public function __construct(public Mistake $mistake, public array $instead, public float $left) {}
}
