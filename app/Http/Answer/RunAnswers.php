<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Round;
use App\Models\Run;
use App\Models\RunPlant;
use App\Models\RunTap;
use App\Records\BatchBook;
use App\Records\Gates;
use App\Records\Lefts;
use App\Records\RunBook;
use App\Records\Whoms;
use DateTimeImmutable;
use IdleMixer\Core\Data\WorkLines;
use IdleMixer\Core\Method\Chore;
use IdleMixer\Core\Run\RunPlan;
use IdleMixer\Core\Run\RunStep;
use IdleMixer\Core\Run\RunStepKind;
use IdleMixer\Core\Weather\KeptWeather;
use IdleMixer\Core\Wording\Durations;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\RestWords;
use IdleMixer\Core\Wording\RunWords;
use IdleMixer\Core\Wording\WeatherWords;
use IdleMixer\Core\Words\Say;

/** Tells of a walk through the bed: its steps, which is next, and what was done when. */
final readonly class RunAnswers
{
    public function __construct(private RunBook $runs, private BatchBook $book, private RunWords $words, private RestWords $rest, private Gates $gates, private Whoms $whoms, private GateAnswers $gate, private BottleAnswers $bottles) {}

    public function of(Run $run, DateTimeImmutable $now): RunAnswer
    {
        $run->loadMissing(['batch.recipeVersion.recipe', 'plants.case.plant', 'taps']);
        $plan = $this->runs->plan($run);
        $tapped = RunBook::tapped($run);
        $record = $this->book->record($run->batch);
        $seconds = $this->runs->reshakeSeconds($run->batch);
        $again = $seconds === null ? '' : $this->words->again($seconds, $record->target->use, $this->runs->method($run->batch));
        $empty = $plan->canRunEmpty($tapped);
        $current = $plan->current($tapped);
        $stands = Lefts::beside($run->batch, $record, $run->id);

        return new RunAnswer(
            $run->id,
            $run->submission,
            $run->version,
            Instant::of($now),
            new RefAnswer($run->batch->id, $run->batch->submission, $run->batch->name),
            $run->rinses,
            WeatherWords::of(KeptWeather::kept($run->weather)),
            Instant::of($run->started_at),
            Instant::maybe($run->paused_at),
            Instant::maybe($run->finished_at),
            $stands,
            Measures::volume($stands, $record->unit),
            $seconds !== null && $seconds <= WorkLines::LONGEST_CLOCK['value'] ? $seconds : null,
            $again,
            array_map(fn(RunStep $step): RunStepAnswer => $this->step($step, $run, $again, $now), $plan->steps($tapped)),
            $current?->key,
            $empty === null || $current === null ? null : RunPlan::EMPTY . "{$empty}-{$current->ref}",
            $this->plants($run, $now),
            $plan->canLeaveOut($tapped) === null ? null : RunPlan::LEFT_OUT . $plan->canLeaveOut($tapped),
            $this->bottles->of($run->batch, $now, $record),
        );
    }

    private function step(RunStep $step, Run $run, string $again, DateTimeImmutable $now): RunStepAnswer
    {
        $words = $this->words->step($step, [
            'plants' => $this->runs->troubles($run),
            'chores' => $this->words->chores($method = $this->runs->method($run->batch)),
            'care' => implode(' ', array_map(static fn(Chore $one): string => $one->words(), $method->after)),
            'batch' => $run->batch->name,
            'mixed' => $run->batch->made_at === null ? Say::it('answers/run-answers.just-now') : Say::it('answers/run-answers.ago', ['get-timestamp' => Durations::rounded(max(0.0, ($now->getTimestamp() - $run->batch->made_at->getTimestamp()) / 3600.0))]),
            'spoons' => in_array($step->kind, [RunStepKind::Fill, RunStepKind::Mix], true) && $step->ref !== null ? $this->runs->spoons($run->batch, $step->ref) : '',
            'again' => $again,
            'rest' => $this->rest->where($this->book->record($run->batch)->loads[0]->mixture),
        ]);

        $tap = $run->taps->first(static fn(RunTap $one): bool => $one->step === $step->key || $one->step === RunPlan::LEFT_OUT . $step->key);
        $mixed = $step->kind === RunStepKind::Mix && $step->ref !== null ? BatchBook::mixed($run->batch, $this->book->record($run->batch))[$step->ref - 1] ?? null : null;

        return new RunStepAnswer($step->key, $step->kind->value, $words['say'], $words['more'], $step->minutes, Instant::maybe($tap->tapped_at ?? $mixed), $tap->who ?? '', $step->kind === RunStepKind::Plant ? $step->how : null);
    }

    /** @return list<RunPlantAnswer> */
    private function plants(Run $run, DateTimeImmutable $now): array
    {
        $spray = $this->gates->spray($run->batch, $now);
        $rounds = Round::query()->where('run_id', $run->id)->get()->keyBy('id');

        return array_values($run->plants->map(function (RunPlant $plant) use ($rounds, $spray, $now): RunPlantAnswer {
            $round = $plant->round_id === null ? null : $rounds->get($plant->round_id);

            // What was sprayed is told as it was when it was sprayed; what waits, as it is now.
            $whom = $this->whoms->of($plant->case->plant, $round->sprayed_at ?? $now, $round?->id);

            return new RunPlantAnswer($plant->case_id, $plant->case->plant->name, Instant::maybe($round?->sprayed_at), $round?->litres, $this->gate->of($this->gates->of($whom, $spray)), $plant->case->plant_id, $plant->case->course_id, "plant-{$plant->position}");
        })->all());
    }
}
