<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Named;

/** What was done about a load that went wrong. */
#[Named('KeptSlip')]
final readonly class SlipAnswer
{
    public function __construct(
        public int $load,
        public string $remedy,
        public string $words,
    ) {}
}
