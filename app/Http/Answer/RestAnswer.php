<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** What is left of a batch: how much, until when, where it may go. */
final readonly class RestAnswer
{
    /** @param list<RestPlantAnswer> $plants */
    public function __construct(
        public float $leftMl,
        public string $leftWords,
        #[Shape(format: 'date-time')]
        public ?string $until,
        public string $where,
        public array $plants,
    ) {}
}
