<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Named;

/** What the household measures with. */
#[Named('Kitchenware')]
final readonly class KitAnswer
{
    /**
     * @param list<MeasureAnswer> $measures
     * @param list<FillAnswer> $kit
     */
    public function __construct(
        public array $measures,
        public array $kit,
        /** One step of the finest scale. */
        public ?float $scaleGrams,
    ) {}
}
