<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** Days on which nobody is there, both of them among them. */
final readonly class AwayAnswer
{
    public function __construct(#[Shape(format: 'date')] public string $from, #[Shape(format: 'date')] public string $until) {}
}
