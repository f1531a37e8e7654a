<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A spray that can be chosen. */
final readonly class ChoosableAnswer
{
    public function __construct(
        public string $key,
        public string $name,
    ) {}
}
