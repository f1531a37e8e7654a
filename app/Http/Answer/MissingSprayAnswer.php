<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A spray that would be better than the first of the three, if everything for it were here. */
final readonly class MissingSprayAnswer
{
    public function __construct(public string $slug, public string $words) {}
}
