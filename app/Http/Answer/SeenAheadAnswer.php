<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** How what multiplies on a plant is expected to go on. */
final readonly class SeenAheadAnswer
{
    /** @param list<OutlookAnswer> $outlooks left alone first */
    public function __construct(
        /** Why nothing is seen ahead; empty where something is. */
        public string $because,
        /** What is counted, in words. */
        public string $counted,
        #[Shape(format: 'date')]
        public ?string $today,
        /** What may be the reason where the last count is another than was to be expected; empty where it is not. */
        public string $surprise,
        public array $outlooks,
        /** What it rests on, in a sentence. */
        public string $rests,
        /** Whether the gardener may choose other days for the rounds to come. */
        public bool $mayMove,
        /** Whether the gardener chose the days of the rounds to come. */
        public bool $chosen,
        /** Null where the spray that comes next ends it, or nothing would. */
        public ?InsteadAnswer $instead,
        /** Whether the gardener chose what is taken in turn. */
        public bool $turned,
    ) {}
}
