<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What was known of the water. */
final readonly class BatchWaterAnswer
{
    public function __construct(
        public ?float $hardnessMgL,
        public ?float $celsius,
    ) {}
}
