<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** When the sun rises and sets today; null where it does not. */
final readonly class SunAnswer
{
    public function __construct(
        #[Shape(format: 'date-time')]
        public ?string $rise,
        #[Shape(format: 'date-time')]
        public ?string $set,
    ) {}
}
