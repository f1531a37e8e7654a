<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** Who told the weather, from when to when. */
final readonly class TellerAnswer
{
    public function __construct(
        public string $name,
        #[Shape(format: 'date-time')]
        public string $from,
        #[Shape(format: 'date-time')]
        public string $to,
    ) {}
}
