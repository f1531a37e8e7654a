<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A weaker strength that a test leads to. */
final readonly class WeakerAnswer
{
    public function __construct(
        /** By the batch. */
        public float $factor,
        public string $words,
        /** Whether it stayed clean already; otherwise it is to be tested. */
        public bool $proven,
    ) {}
}
