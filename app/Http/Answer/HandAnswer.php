<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** How much coarser than usual the household mixes, by so many glasses. */
final readonly class HandAnswer
{
    public function __construct(
        public float $coarseness,
        public int $readings,
    ) {}
}
