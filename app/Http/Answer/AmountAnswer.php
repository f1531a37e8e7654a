<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A number of some unit, by UCUM code. */
final readonly class AmountAnswer
{
    public function __construct(
        public int|float $amount,
        #[Shape(words: ['mL', 'L', '[tsp_us]', '[tbs_us]', '[foz_us]', '[cup_us]', '[pt_us]', '[qt_us]', '[gal_us]', '[foz_br]', '[pt_br]', '[gal_br]', '[tsp_m]', '[tbs_m]', '[drp]'])]
        public string $unit,
    ) {}
}
