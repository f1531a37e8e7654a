<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A sprayer as it is sold most. */
final readonly class CommonSprayerAnswer
{
    public function __construct(public string $name, public AmountAnswer $holds, public string $words, public string $shape) {}
}
