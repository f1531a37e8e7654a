<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** How long leaves may be waited for, and what that costs. */
final readonly class LeafWaitAnswer
{
    public function __construct(#[Shape(schema: ['enum' => [24, 48, 72]])] public int $hours, public string $words) {}
}
