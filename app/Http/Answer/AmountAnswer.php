<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Quantity\Dimension;

/** A number of some unit, by UCUM code. */
final readonly class AmountAnswer
{
    public function __construct(
        public int|float $amount,
        #[Shape(unitsOf: Dimension::Volume)]
        public string $unit,
    ) {}
}
