<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** The rounder answer beside the spoons of one thing. */
final readonly class RounderAnswer
{
    public function __construct(public string $key, public string $words) {}
}
