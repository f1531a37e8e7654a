<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A spoon, syringe, dropper or scale. */
final readonly class MeasureAnswer
{
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        public string $name,
        #[Shape(words: ['level', 'marked', 'dropper', 'scale'])]
        public string $kind,
        #[Shape(ref: 'AmountOrMass')]
        public AmountAnswer $holds,
        public ?float $step,
        public string $words,
        public ?float $mL,
        public bool $retired,
    ) {}
}
