<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** Where on a drawn leaf something was seen, 0 to 1 from its top left. */
final readonly class SpotAnswer
{
    public function __construct(#[Shape(least: 0, most: 1)] public float $x, #[Shape(least: 0, most: 1)] public float $y, #[Shape(ref: 'InjuryKind')] public string $kind) {}
}
