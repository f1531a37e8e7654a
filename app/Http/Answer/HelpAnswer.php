<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** Something beside a spray that is got or bought. */
final readonly class HelpAnswer
{
    public function __construct(public string $slug, public string $words) {}
}
