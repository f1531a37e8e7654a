<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A spoon, syringe, dropper or scale. */
final readonly class MeasureAnswer
{
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $kind,
        public AmountAnswer $holds,
        public ?float $step,
        public string $words,
        public ?float $mL,
        public bool $retired,
    ) {}
}
