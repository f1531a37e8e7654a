<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A jar of a stock, and what is left in it. */
final readonly class JarAnswer
{
    public function __construct(
        /** Of the batch. */
        public int $id,
        /** Of the stock. */
        public string $slug,
        public string $name,
        #[Shape(least: 0)]
        public float $leftMl,
        public string $leftWords,
        #[Shape(format: 'date-time')]
        public string $madeAt,
        #[Shape(format: 'date-time')]
        public ?string $discardAt,
    ) {}
}
