<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\PestCase;
use App\Models\Round;
use App\Models\Run;
use App\Models\RunPlant;
use App\Models\RunTap;
use App\Models\Sprayer;
use App\Models\SprayerEvent;
use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Method\Method;
use IdleMixer\Core\Run\RunLoads;
use IdleMixer\Core\Run\RunPlan;
use IdleMixer\Core\Run\RunSpray;
use IdleMixer\Core\Run\RunStep;
use IdleMixer\Core\Run\RunStepKind;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Vessel\SprayerMemory;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Work\Load;
use Illuminate\Support\Str;

/** Keeps walks through the bed: each tap, and the round of each plant when it was sprayed. Call it inside a transaction. */
final readonly class RunBook
{
    private const ML_PER_LITRE = 1000.0;

    public function __construct(private BatchBook $book, private Rhythms $rhythms, private TroubleCatalogue $troubles, private HourNow $weather) {}

    /**
     * @param list<PestCase> $cases    in the order in which they are sprayed
     * @param bool           $byHand   whether it is brushed or sponged on, and not sprayed
     * @param string         $override why it is sprayed against advice; empty where it is not
     *
     * @return array{Run, bool} the run, and whether it was begun now
     */
    public function begin(Submitted $submitted, Batch $batch, array $cases, bool $rinses, string $override, DateTimeImmutable $now, bool $byHand = false): array
    {
        return Submissions::of(Run::query(), $submitted, ['batch_id' => $batch->id, 'rinses' => $rinses, 'by_hand' => $byHand, 'weather' => $this->weather->kept($now), 'override' => $override, 'started_at' => $now], static function (Run $run) use ($cases): void {
            foreach ($cases as $i => $case) {
                RunPlant::query()->create(['run_id' => $run->id, 'case_id' => $case->id, 'position' => $i + 1]);
            }
        });
    }

    public function plan(Run $run): RunPlan
    {
        $record = $this->book->record($run->batch);
        $plants = [];
        foreach ($run->plants as $plant) {
            $plants[$plant->position] = $plant->case->plant->name;
        }
        assert($plants !== []);

        $mixed = BatchBook::mixed($run->batch, $record);
        $standing = count(array_filter($mixed, static fn(DateTimeImmutable $at): bool => $at <= $run->started_at));

        return RunPlan::of(
            new RunLoads(array_map(static fn(Load $load): string => Measures::volume($load->mixture->finished(), $record->unit), $record->loads), max(1, $standing), count($mixed)),
            $plants,
            RunSpray::of($record->target->use, $record->loads[0], $this->method($run->batch), $run->by_hand, $run->batch->sprayer?->shape()->isBucket() === true),
            $run->rinses,
        );
    }

    /** How its school uses what was mixed. */
    public function method(Batch $batch): Method
    {
        return $this->rhythms->method($batch);
    }

    /** @return list<string> keys of what was done, in the order in which it was */
    public static function tapped(Run $run): array
    {
        return array_values($run->taps->map(static fn(RunTap $tap): string => $tap->step)->all());
    }

    /**
     * A step is done, or not after all. A plant that was sprayed gets its round, which is taken back with the tap.
     *
     * @throws InvalidDocument when there is no such step now
     */
    public function tap(Run $run, string $key, bool $done, DateTimeImmutable $at, DateTimeImmutable $now): void
    {
        $tap = $run->taps->firstWhere('step', $key) ?? ($done ? null : $run->taps->firstWhere('step', RunPlan::LEFT_OUT . $key));
        if ($done === ($tap !== null)) {
            return;
        }
        $plan = $this->plan($run);
        $step = array_values(array_filter($plan->steps(self::tapped($run)), static fn(RunStep $one): bool => $one->key === $key))[0] ?? null;
        if ($step?->kind === RunStepKind::Mix) {
            throw InvalidDocument::because('/step', Say::it('records/run-book.load-is-mixed-on-its-own'), $key);
        }
        if ($step === null && ! $this->isEmptying($run, $plan, $key) && ! $this->isLeavingOut($run, $plan, $key)) {
            throw InvalidDocument::because('/step', Say::it('records/run-book.there-no-step-in-this'), $key);
        }
        if ($tap !== null) {
            $tap->delete();
        } else {
            RunTap::query()->create(['run_id' => $run->id, 'step' => $key, 'tapped_at' => $at]);
        }
        if ($step?->ref !== null && str_starts_with($key, 'plant-')) {
            $this->sprayed($run, $step->ref, $done, $at, $now);
        }
        if ($key === 'wash' && $run->batch->sprayer !== null) {
            $this->washed($run, $run->batch->sprayer, $done, $at, $now);
        }
        // A tap from before the pause that arrives after it does not end it.
        $run->update(['version' => $run->version + 1, 'paused_at' => $run->paused_at !== null && $at < $run->paused_at ? $run->paused_at : null]);
        $run->load('taps');
        $run->load('plants');
    }

    /**
     * The run is over: what was really sprayed is shared among the plants that were.
     *
     * @param float $sprayedMl of all that was mixed
     */
    public function finish(Run $run, float $sprayedMl, DateTimeImmutable $now): void
    {
        $rounds = Round::query()->where('run_id', $run->id)->get();
        $sprayed = max(0.0, $sprayedMl) / self::ML_PER_LITRE;
        foreach ($rounds as $round) {
            $round->update(['litres' => $sprayed / count($rounds)]);
        }
        $run->update(['finished_at' => $run->finished_at ?? $now, 'paused_at' => null, 'version' => $run->version + 1]);
    }

    /** Seconds until it has to be shaken again; null where it need not be. */
    public function reshakeSeconds(Batch $batch): ?float
    {
        $seconds = JsonText::kept($batch->document)->open()->get('plan')->open()->get('emulsion')->open()->get('reshake_seconds')->number();

        return $seconds > 0.0 ? $seconds : null;
    }

    /** What is counted into a load, in words. */
    public function spoons(Batch $batch, int $load): string
    {
        return implode(', ', array_map(static fn(Item $item): string => Measures::scoops($item->measured) . " {$item->name()}", array_values($this->book->record($batch)->load($load)->items)));
    }

    /** What is on each plant of it. */
    public function troubles(Run $run): string
    {
        // Where nothing is there yet, there is nothing to knock back.
        $there = array_filter($run->plants->all(), static fn(RunPlant $plant): bool => $plant->case->course_id === null);

        return implode(' ', array_map(fn(RunPlant $plant): string => Say::it('records/run-book.on', ['name' => $this->troubles->trouble($plant->case->pest)->name, 'name-2' => $plant->case->plant->name]), array_values($there)));
    }

    private function washed(Run $run, Sprayer $sprayer, bool $done, DateTimeImmutable $at, DateTimeImmutable $now): void
    {
        $earlier = SprayerEvent::query()->withoutGlobalScopes()->where('run_id', $run->id)->first();
        if ($earlier !== null) {
            Corrections::takeBack($earlier, $earlier->version, ! $done, $now);
        } elseif ($done) {
            SprayerEvent::query()->create(['submission' => Str::uuid()->toString(), 'sprayer_id' => $sprayer->id, 'kind' => SprayerMemory::WASHED, 'run_id' => $run->id, 'happened_at' => $at]);
        }
    }

    private function isEmptying(Run $run, RunPlan $plan, string $key): bool
    {
        $load = $plan->canRunEmpty(self::tapped($run));
        $current = $plan->current(self::tapped($run));

        return $run->taps->firstWhere('step', $key) !== null || ($load !== null && $current !== null && $key === RunPlan::EMPTY . "{$load}-{$current->ref}");
    }

    private function isLeavingOut(Run $run, RunPlan $plan, string $key): bool
    {
        $one = $plan->canLeaveOut(self::tapped($run));

        return $run->taps->firstWhere('step', $key) !== null || ($one !== null && $key === RunPlan::LEFT_OUT . $one);
    }

    private function sprayed(Run $run, int $position, bool $done, DateTimeImmutable $at, DateTimeImmutable $now): void
    {
        $plant = $run->plants->firstWhere('position', $position);
        if ($plant === null) {
            return;
        }
        $earlier = $plant->round_id === null ? null : Round::query()->withoutGlobalScopes()->find($plant->round_id);
        if ($earlier !== null) {
            Corrections::takeBack($earlier, $earlier->version, ! $done, $now);

            return;
        }
        $round = Round::query()->create([
            'submission' => Str::uuid()->toString(),
            'case_id' => $plant->case_id,
            'batch_id' => $run->batch_id,
            'sprayed_at' => $at,
            'hand_work' => $run->taps->contains('step', 'knock-back'),
            'override' => $run->override,
            'weather' => $this->weather->kept($at),
            'run_id' => $run->id,
        ]);
        $plant->update(['round_id' => $round->id]);
    }
}
