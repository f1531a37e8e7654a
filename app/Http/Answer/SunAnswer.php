<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** When the sun rises and sets today; null where it does not. */
final readonly class SunAnswer
{
    public function __construct(
        public ?string $rise,
        public ?string $set,
    ) {}
}
