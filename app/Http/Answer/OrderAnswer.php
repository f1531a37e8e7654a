<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** An order of mixing, and what it costs. */
final readonly class OrderAnswer
{
    public function __construct(
        public string $code,
        public string $name,
        public string $price,
    ) {}
}
