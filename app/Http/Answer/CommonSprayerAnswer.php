<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Vessel\SprayerShape;

/** A sprayer as it is sold most. */
final readonly class CommonSprayerAnswer
{
    public function __construct(public string $name, public AmountAnswer $holds, public string $words, #[Shape(of: SprayerShape::class)] public string $shape) {}
}
