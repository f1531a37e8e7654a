<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Measure;
use App\Models\Plant;
use App\Models\Sprayer;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Schedule\PlantCalendar;
use IdleMixer\Core\Vessel\FillMarks;
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
    public function measure(Measure $measure): array
    {
        $amount = Amount::of($measure->amount, Unit::from($measure->unit));
        $scale = $amount->unit->dimension() === Dimension::Mass;
        $step = $measure->step === null ? '' : ', a mark every ' . Measures::amount(Amount::of($measure->step, $amount->unit));

        return [
            'id' => $measure->id,
            'name' => $measure->name,
            'kind' => $measure->kind,
            'holds' => $amount->toArray(),
            'step' => $measure->step,
            'words' => match (true) {
                $scale => 'a scale that shows steps of ' . Measures::amount($amount),
                $measure->calibration !== '' => $measure->calibration,
                default => Measures::volume($amount->inBase(), $amount->unit) . $step,
            },
            'mL' => $scale ? null : $amount->inBase(),
            'retired' => $measure->retired_at !== null,
        ];
    }

    /** @return array<string, mixed> */
    public function sprayer(Sprayer $sprayer): array
    {
        $amount = $sprayer->amount();
        $fill = $sprayer->largest_fill_ml ?? $amount->inBase();
        $pours = $sprayer->poured();

        return [
            'id' => $sprayer->id,
            'name' => $sprayer->name,
            'holds' => $amount->toArray(),
            'words' => Measures::volume($amount->inBase(), $amount->unit),
            'mL' => $amount->inBase(),
            'fill' => Amount::of(round($fill / $amount->unit->factor(), 9), $amount->unit)->toArray(),
            'fillMl' => $fill,
            'leftBehindMl' => $sprayer->left_behind_ml,
            'pours' => $pours,
            'marks' => array_map(static fn(array $mark): array => [
                'mm' => $mark['mm'],
                'mL' => $mark['amount']->inBase(),
                'words' => Measures::amount($mark['amount']),
            ], FillMarks::of(array_map(array_values(...), $pours))->marks($amount->unit)),
            'retired' => $sprayer->retired_at !== null,
        ];
    }
}
