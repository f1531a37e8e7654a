<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** How long leaves may be waited for, and what that costs. */
final readonly class LeafWaitAnswer
{
    public function __construct(public int $hours, public string $words) {}
}
