<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** Where on a drawn leaf something was seen, 0 to 1 from its top left. */
final readonly class SpotAnswer
{
    public function __construct(public float $x, public float $y, public string $kind) {}
}
