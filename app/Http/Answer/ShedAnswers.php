<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Declared\Kept\Plants;
use App\Declared\Told;
use App\Models\Measure;
use App\Models\Plant;
use App\Models\Sprayer;
use App\Records\HouseholdKit;
use App\Records\SprayerMemories;
use App\Records\Whoms;
use IdleMixer\Core\Plant\Stage;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Schedule\PlantCalendar;
use IdleMixer\Core\Vessel\FillMarks;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\MemoryWords;
use IdleMixer\Core\Words\Say;
use Psr\Clock\ClockInterface;

/** What stands in the shed, and what grows. */
final readonly class ShedAnswers
{
    public function __construct(private Plants $plants, private ToleranceCatalogue $tolerance, private ClockInterface $clock, private MemoryWords $memories) {}

    public function plant(Plant $plant): PlantAnswer
    {
        $kind = $this->tolerance->get($plant->tolerance);
        $stage = Whoms::stage($plant, $this->clock->now());

        return new PlantAnswer(
            $plant->id,
            $plant->submission,
            $plant->version,
            Told::of($this->plants, $plant),
            $kind->name,
            $kind->slug,
            $stage === Stage::InBloom,
            PlantCalendar::isDry($plant->dry_on, $this->clock->now()),
            $stage?->value,
            PlantCalendar::daysToHarvest($plant->harvest_on, $this->clock->now()),
            $plant->retired_at !== null,
        );
    }

    public function measure(Measure $measure): MeasureAnswer
    {
        $amount = Amount::of($measure->amount, Unit::from($measure->unit));
        $scale = $amount->unit->dimension() === Dimension::Mass;
        $step = $measure->step === null ? '' : Say::it('answers/shed-answers.mark-every', ['amount' => Measures::amount(Amount::of($measure->step, $amount->unit))]);

        return new MeasureAnswer(
            $measure->id,
            $measure->submission,
            $measure->version,
            $measure->name,
            $measure->kind,
            new AmountAnswer(...$amount->toArray()),
            $measure->step,
            match (true) {
                $scale => Say::it('answers/shed-answers.scale-that-shows-steps-of', ['amount' => Measures::amount($amount)]),
                $measure->calibration !== '' => $measure->calibration,
                default => Measures::volume($amount->inBase(), $amount->unit) . $step,
            },
            $scale ? null : $amount->inBase(),
            $measure->retired_at !== null,
        );
    }

    /** @param iterable<Measure> $measures */
    public function kit(iterable $measures): KitAnswer
    {
        $kit = HouseholdKit::kit();
        $fills = [];
        foreach ($kit->measures ?? [] as $fill) {
            ['amount' => $amount, 'unit' => $unit] = $fill->amount->toArray();
            $fills[] = new FillAnswer($amount, $unit, $fill->name, Measures::measure($fill));
        }
        $all = [];
        foreach ($measures as $measure) {
            $all[] = $this->measure($measure);
        }

        return new KitAnswer($all, $fills, $kit?->scale?->inBase());
    }

    public function sprayer(Sprayer $sprayer): SprayerAnswer
    {
        $amount = $sprayer->amount();
        $fill = $sprayer->largest_fill_ml ?? $amount->inBase();
        $pours = $sprayer->poured();
        $memory = SprayerMemories::of($sprayer);
        $finding = $memory->before('');
        $marks = FillMarks::of(array_map(array_values(...), $pours))->marks($amount->unit);

        return new SprayerAnswer(
            $sprayer->id,
            $sprayer->submission,
            $sprayer->version,
            $sprayer->name,
            new AmountAnswer(...$amount->toArray()),
            Measures::volume($amount->inBase(), $amount->unit),
            $amount->inBase(),
            new AmountAnswer(...Amount::of(round($fill / $amount->unit->factor(), 9), $amount->unit)->toArray()),
            $fill,
            $sprayer->left_behind_ml,
            self::pours($sprayer),
            array_map(static fn(array $mark): MarkAnswer => new MarkAnswer($mark['mm'], $mark['amount']->inBase(), Measures::amount($mark['amount'])), $marks),
            $sprayer->retired_at !== null,
            $sprayer->shape()->value,
            $sprayer->shape()->words(),
            $sprayer->shape()->isBucket(),
            $memory->last,
            $finding === null ? null : new MemoryAnswer($finding->value, $memory->last, $this->memories->said($memory, $finding), $this->memories->briefly($memory, $finding), $finding->isFinal()),
        );
    }

    /** @return list<PourAnswer> */
    public static function pours(Sprayer $sprayer): array
    {
        return array_map(static fn(array $pour): PourAnswer => new PourAnswer($pour['mL'], $pour['mm']), $sprayer->poured());
    }
}
