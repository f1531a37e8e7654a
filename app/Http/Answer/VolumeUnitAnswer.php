<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A unit of volume. */
final readonly class VolumeUnitAnswer
{
    public function __construct(
        public string $code,
        public string $words,
        public float $mL,
    ) {}
}
