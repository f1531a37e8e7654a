<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Measure;
use App\Models\Plant;
use App\Models\Sprayer;
use IdleMixer\Core\Choice\PlantCalendar;
use IdleMixer\Core\Leaf\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Wording\Measures;
use Psr\Clock\ClockInterface;

/** What stands in the shed, and what grows. */
final readonly class ShedAnswer
{
    public function __construct(private ToleranceCatalogue $tolerance, private ClockInterface $clock) {}

    /** @return array<string, mixed> */
    public function plant(Plant $plant): array
    {
        return [
            'id' => $plant->id,
            'name' => $plant->name,
            'tolerance' => $plant->tolerance,
            'toleranceName' => $this->tolerance->get($plant->tolerance)->name,
            'place' => $plant->place,
            'notes' => $plant->notes,
            'bearsNoOil' => $plant->bears_no_oil,
            'indoors' => $plant->indoors,
            'size' => $plant->size,
            'bloomFrom' => $plant->bloom_from?->format('Y-m-d'),
            'bloomUntil' => $plant->bloom_until?->format('Y-m-d'),
            'harvestOn' => $plant->harvest_on?->format('Y-m-d'),
            'inFlower' => PlantCalendar::isInBloom($plant->bloom_from, $plant->bloom_until, $this->clock->now()),
            'pickedInDays' => PlantCalendar::daysToHarvest($plant->harvest_on, $this->clock->now()),
            'retired' => $plant->retired_at !== null,
        ];
    }

    /** @return array<string, mixed> */
    public function vessel(Sprayer|Measure $vessel): array
    {
        $amount = Amount::of($vessel->amount, Unit::from($vessel->unit));

        return [
            'id' => $vessel->id,
            'name' => $vessel->name,
            'holds' => $amount->toArray(),
            'words' => Measures::volume($amount->inBase(), $amount->unit),
            'mL' => $amount->inBase(),
            'retired' => $vessel->retired_at !== null,
        ];
    }
}
