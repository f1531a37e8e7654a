<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** The hours of the coming week for one spray, plant by plant. */
final readonly class DayAnswer
{
    /**
     * @param list<TellerAnswer>   $tellers
     * @param list<ChoosableAnswer> $sprays
     * @param list<SprayDayPlantAnswer> $plants
     */
    public function __construct(
        #[Shape(format: 'date-time')]
        public string $now,
        public ?GardenAnswer $garden,
        public array $tellers,
        public ChoosableAnswer $spray,
        public ?int $batchId,
        public array $sprays,
        public ?SunAnswer $sun,
        public array $plants,
        public ?HourGridAnswer $grid,
    ) {}
}
