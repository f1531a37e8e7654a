<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A set of measures that a household owns whole. */
final readonly class SpoonSetAnswer
{
    public function __construct(public string $slug, public string $name, public string $holds) {}
}
