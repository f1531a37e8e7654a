<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** How an eye reads. */
final readonly class EyeAnswer
{
    /**
     * @param list<float> $guesses percents
     * @param list<float> $truths  percents
     */
    public function __construct(
        public int $id,
        #[Shape(format: 'date-time')]
        public string $at,
        public array $guesses,
        public array $truths,
        /** Lin's concordance, to 1. */
        public ?float $agreement,
        /** Points of percent read too high below a fifth of the leaf, and above. */
        public ?float $biasLow,
        public ?float $biasHigh,
        public string $words,
        /** Whether readings may be corrected by it. */
        public bool $correctable,
    ) {}
}
