<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Batch;
use App\Models\CaseStep;
use App\Models\Count;
use App\Models\PestCase;
use App\Models\Round;
use App\Models\Watch;
use App\Records\BatchBook;
use App\Records\CasesAsk;
use App\Records\CaseTrials;
use App\Records\Clumpings;
use App\Records\Corrections;
use App\Records\Gates;
use App\Records\Looks;
use App\Records\ReadyBatches;
use App\Records\Rhythms;
use App\Records\Situations;
use App\Records\StandsMixed;
use App\Records\Whoms;
use DateTimeImmutable;
use IdleMixer\Core\Choice\Containment;
use IdleMixer\Core\Choice\ContainmentStep;
use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Row\Span;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Weather\KeptWeather;
use IdleMixer\Core\Wording\CompositionWords;
use IdleMixer\Core\Wording\Findings;
use IdleMixer\Core\Wording\RunWords;
use IdleMixer\Core\Wording\WaitedWords;
use IdleMixer\Core\Wording\WeatherWords;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Writing\VerdictWriter;
use Illuminate\Database\Eloquent\Builder;

/** Tells of a case: in short for lists, and whole with its rounds, counts and what may be sprayed now. */
final readonly class CaseAnswers
{
    private const WITH = ['plant', 'rounds.batch.recipeVersion.recipe', 'rounds.burns', 'counts', 'steps', 'watches.plant', 'openWaits'];

    /** As many as could be sprayed, newest first. */
    private const MOST_BATCHES = 12;

    public function __construct(
        private TroubleCatalogue $troubles,
        private Findings $findings,
        private Situations $situations,
        private Containment $containment,
        private VerdictWriter $verdicts,
        private CaseTrials $trials,
        private CasesAsk $asks,
        private TaskAnswers $doing,
        private BottleAnswers $bottles,
        private LookPlanAnswers $looks,
        private RunWords $run,
        private Whoms $whoms,
        private StandsMixed $stands,
        private Gates $gates,
        private GateAnswers $gate,
        private Rhythms $rhythms,
        private RowAnswers $rows,
    ) {}

    /**
     * What a line of a list tells of, without the rounds and counts themselves.
     *
     * @param Builder<PestCase> $cases
     *
     * @return Builder<PestCase>
     */
    public static function briefly(Builder $cases): Builder
    {
        $cases->with('plant')->withCount('rounds');
        $cases->addSelect([
            'latest_count' => Count::query()->select('value')->whereColumn('case_id', 'cases.id')->where('untreated', false)->orderByDesc('counted_at')->orderByDesc('id')->limit(1),
            'last_litres' => Round::query()->select('litres')->whereColumn('case_id', 'cases.id')->whereNotNull('litres')->orderByDesc('sprayed_at')->orderByDesc('id')->limit(1),
        ]);

        return $cases;
    }

    /** @param PestCase $case as `briefly` asked for it, or with its rounds and counts */
    public function brief(PestCase $case): CaseBriefAnswer
    {
        $case->loadMissing('plant');
        $whole = ! array_key_exists('latest_count', $case->getAttributes());
        if ($whole) {
            $case->loadMissing(['rounds', 'counts']);
        }
        $pest = $this->troubles->trouble($case->pest);
        $plant = $case->plant;

        return new CaseBriefAnswer(
            $case->id,
            $case->submission,
            $case->version,
            Say::it('answers/case-answers.on', ['name' => $pest->name, 'name-2' => $plant->name]),
            $case->pest,
            $pest->name,
            $pest->counted ?? '',
            new CasePlantAnswer($plant->id, $plant->name, $plant->kind, $plant->tolerance, $plant->place),
            Instant::of($case->opened_at),
            Instant::maybe($case->closed_at),
            $case->conclusion,
            $case->notes,
            $whole ? $case->rounds->count() : (int) self::number($case, 'rounds_count'),
            $whole ? self::latest($case) : self::number($case, 'latest_count'),
            $whole ? $case->rounds->whereNotNull('litres')->last()?->litres : self::number($case, 'last_litres'),
        );
    }

    public function whole(PestCase $case, DateTimeImmutable $now, ?SavedAnswer $saved = null): CaseAnswer
    {
        $case->loadMissing(self::WITH);
        $trials = $this->trials->of($case);
        $ready = ReadyBatches::of([$case->id], $now);
        $tasks = $case->closed_at !== null ? [] : $this->asks->of($case, $now);
        $trouble = $this->situations->trouble($case);
        $known = $this->situations->known($case, self::latest($case), $now);
        $wait = WaitAnswer::of($case);
        $clumping = $trials === [] ? Clumping::usual() : Clumpings::of($case->pest);
        $roundChanges = Corrections::counts(Round::class, array_values($case->rounds->map(static fn(Round $round): int => $round->id)->all()));
        $countChanges = Corrections::counts(Count::class, array_values($case->counts->map(static fn(Count $count): int => $count->id)->all()));

        return new CaseAnswer(
            $this->brief($case),
            array_values($case->rounds->map(fn(Round $round): RoundAnswer => $this->round($round, $trials[$round->id] ?? null, $clumping, $roundChanges[$round->id] ?? 0))->all()),
            array_values($case->counts->map(static fn(Count $count): CountAnswer => self::count($count, $countChanges[$count->id] ?? 0))->all()),
            $this->batches($case, $now),
            $ready[$case->id] ?? null,
            $trouble->matters,
            $trouble->stages,
            KnownSituationAnswer::of($known),
            $this->containment($case, $now),
            array_values($case->watches->map(static fn(Watch $watch): WatchAnswer => new WatchAnswer($watch->id, new RefAnswer($watch->plant->id, $watch->plant->submission, $watch->plant->name), Instant::of($watch->due_at), Instant::maybe($watch->looked_at), $watch->cleared_at !== null))->all()),
            $this->doing->of($tasks, $ready, $now, near: false),
            $saved,
            $this->looks->of($case),
            $case->every_days,
            $case->bud_break_on?->format('Y-m-d'),
            $this->asksBudBreak($case),
            $this->row($case, $tasks, $now),
            $wait,
            $case->closed_at === null && $wait === null ? WaitedWords::friends(array_map(strval(...), array_keys($known->seen))) : '',
        );
    }

    /** @param list<Task> $tasks */
    private function row(PestCase $case, array $tasks, DateTimeImmutable $now): RowAnswer
    {
        $first = min([$case->opened_at, ...$case->rounds->map(static fn(Round $round): DateTimeImmutable => $round->sprayed_at)->all(), ...$case->counts->map(static fn(Count $count): DateTimeImmutable => $count->counted_at)->all()]);
        $last = $tasks === [] ? null : max(array_map(static fn(Task $task): DateTimeImmutable => $task->dueAt, $tasks));

        return $this->rows->of([$case->plant], $tasks, Span::whole($now, $first, $last), $case)[0];
    }

    /** What was sprayed on bare wood is looked at when its buds break: nobody knows the day but who sees it. */
    private function asksBudBreak(PestCase $case): bool
    {
        $last = $case->rounds->last()?->batch;

        return $case->closed_at === null && $case->bud_break_on === null && $last !== null && $this->rhythms->method($last)->showsAtBudBreak();
    }

    private static function number(PestCase $case, string $column): ?float
    {
        $value = $case->getAttribute($column);

        return is_numeric($value) ? (float) $value : null;
    }

    private static function latest(PestCase $case): ?float
    {
        return $case->counts->where('untreated', false)->last()?->value;
    }

    /** @return list<ContainmentAnswer> */
    private function containment(PestCase $case, DateTimeImmutable $now): array
    {
        $done = $case->steps->map(static fn(CaseStep $step): string => $step->step)->all();

        return array_map(static fn(ContainmentStep $step): ContainmentAnswer => new ContainmentAnswer(
            $step->slug,
            $step->words,
            Instant::of($case->opened_at->addHours($step->hours)),
            in_array($step->slug, $done, true),
        ), $this->containment->steps($this->situations->trouble($case), $this->whoms->now($case->plant, $now)));
    }

    private function round(Round $round, ?Trial $trial, Clumping $clumping, int $changes): RoundAnswer
    {
        $interval = $trial?->outcome()->isJudged() === true ? $trial->interval($clumping) : null;

        return new RoundAnswer(
            $round->id,
            $round->submission,
            $round->version,
            $round->name(),
            RefAnswer::batch($round->batch),
            BoughtAnswer::maybe($round->bought()),
            CompositionWords::of($round->batch === null ? null : BatchBook::composition($round->batch)),
            Instant::of($round->sprayed_at),
            $round->hand_work,
            $round->rinsed,
            $round->notes,
            $trial?->outcome()->value,
            $trial === null ? '' : $this->findings->trial($trial),
            $trial === null ? null : $this->findings->standing($trial)?->value,
            $trial === null ? '' : $this->findings->formula($trial, $round->case->pest, $clumping),
            $interval?->low,
            $interval?->high,
            Instant::maybe($trial?->fairFrom()),
            $trial?->reduction(),
            $trial?->isCompared() ?? false,
            $changes,
            $round->override,
            array_values($round->burns->map(BurnAnswer::of(...))->all()),
            $round->hasBurnt(),
            $round->litres,
            WeatherWords::of(KeptWeather::kept($round->weather ?? '')),
            $round->who,
        );
    }

    private static function count(Count $count, int $changes): CountAnswer
    {
        return new CountAnswer($count->id, $count->submission, $count->version, Instant::of($count->counted_at), $count->value, $count->untreated, $count->notes, Looks::each($count), Looks::stages($count) === [] ? new \stdClass() : Looks::stages($count), $count->new_growth === null ? null : $count->new_growth === 'clean', Looks::helpers($count) === null ? null : (object) Looks::helpers($count), WaitedWords::enemies(array_keys(Looks::helpers($count) ?? [])), $changes, $count->who);
    }

    /** @return list<SprayableAnswer> what could be sprayed on this case, with what speaks for and against each */
    private function batches(PestCase $case, DateTimeImmutable $now): array
    {
        $whom = $this->whoms->of($case->plant, $now);

        return array_map(fn(Batch $batch): SprayableAnswer => $this->sprayable($batch, $whom, $now), $this->stands->newest(self::MOST_BATCHES));
    }

    private function sprayable(Batch $batch, Whom $whom, DateTimeImmutable $now): SprayableAnswer
    {
        $asked = $this->gates->spray($batch, $now);
        $answer = $this->gates->of($whom, $asked);
        $spray = BatchBook::composition($batch);

        return new SprayableAnswer(
            $batch->id,
            $batch->submission,
            $batch->name,
            CompositionWords::of($spray),
            Instant::maybe($batch->made_at),
            $asked->bottle?->isKnown === true ? $answer->test() : null,
            array_map($this->verdicts->write(...), $answer->verdicts),
            $this->gate->of($answer),
            $batch->case_id,
            $this->run->how($asked->use),
            $this->bottles->of($batch, $now),
        );
    }
}
