<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\PestCase;
use App\Models\Round;
use App\Models\WeighedRound;
use DateTimeImmutable;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Schedule\Task;
use Illuminate\Support\Facades\DB;

/** Reckons anew what the rounds of a case come to, where something that they hang on was written. Call it inside a transaction. */
final readonly class Weigher
{
    private const WITH = ['plant', 'rounds.batch', 'rounds.burns', 'rounds.run.plants', 'counts', 'openWaits'];

    public function __construct(private CaseTrials $trials, private PlannedTasks $planned, private RoundFacts $facts, private SprayRanks $ranks, private Rhythms $rhythms) {}

    /** Everything that is told of evidence. */
    public function all(): void
    {
        $this->freshen();
        $this->ranks->freshen();
    }

    /** What each case came to, and when it is due. */
    public function freshen(): void
    {
        $ids = DB::table('stale_cases')->pluck('case_id')->all();
        foreach (array_chunk($ids, 50) as $some) {
            foreach (PestCase::query()->whereIn('id', $some)->with(self::WITH)->get() as $case) {
                $this->weigh($case);
            }
        }
        if ($ids !== []) {
            DB::delete('delete from stale_cases');
        }
    }

    private function weigh(PestCase $case): void
    {
        $had = DB::delete('delete from weighed_rounds where case_id = ?', [$case->id]);
        $judged = $this->trials->judged($case);
        foreach ($judged as [$rounds, $trial]) {
            WeighedRound::query()->insert($this->row($case, $rounds, $trial));
        }
        $case->pressure = $this->rhythms->weighed($case)->value;
        $case->round_days = $this->rhythms->afterLast($case);
        $tests = PlannedTasks::tested([$case->plant_id])[$case->plant_id] ?? [];
        $due = array_map(static fn(Task $task): DateTimeImmutable => $task->dueAt, $this->planned->of($case, $this->trials->of($case), $tests));
        // No correction of the case: its version stays.
        DB::update('update cases set due_at = ?, pressure = ?, round_days = ? where id = ?', [$due === [] ? null : min($due)->format('Y-m-d H:i:s'), $case->pressure, $case->round_days, $case->id]);
        // A case without a round is in no record, but may show how clumped its pest sits.
        if ($had > 0 || $judged !== [] || $case->counts->whereNotNull('each')->isNotEmpty()) {
            DB::table('stale_pests')->insertOrIgnore(['pest' => $case->pest]);
        }
    }

    /**
     * @param non-empty-list<Round> $rounds
     *
     * @return array<string, scalar|null>
     */
    private function row(PestCase $case, array $rounds, Trial $trial): array
    {
        $last = $rounds[count($rounds) - 1];
        $any = static fn(callable $holds): bool => array_filter($rounds, $holds) !== [];
        $effect = RoundEffect::of(
            (string) $case->id,
            $trial,
            $any(static fn(Round $round): bool => $round->hand_work),
            $any(static fn(Round $round): bool => $round->override !== ''),
            $any(static fn(Round $round): bool => $round->burns->isNotEmpty()),
        );

        return [
            'case_id' => $case->id,
            'pest' => $case->pest,
            'round_id' => $last->id,
            'batch_id' => $last->batch_id,
            'bought' => $last->bought()?->key(),
            'sprayed_at' => $rounds[0]->sprayed_at->format('Y-m-d H:i:s'),
            'outcome' => $effect->outcome->value,
            'formula' => $effect->formula?->value,
            'reduction' => $effect->reduction,
            'kept_log' => $effect->kept?->log,
            'kept_chance' => $effect->kept?->chance,
            'kept_leaves' => $effect->kept?->leaves,
            'days' => $effect->days,
            'alone' => $effect->alone,
            'rounds' => count($rounds),
            'hand_work' => $effect->handWork,
            'unproven' => $effect->unproven,
            'burnt' => $effect->burnt,
            'litres' => self::sum(array_map(static fn(Round $round): ?float => $round->litres, $rounds)),
            'minutes' => self::sum(array_map($this->facts->minutes(...), $rounds)),
            'facts' => json_encode($this->facts->of($rounds[0]), \JSON_THROW_ON_ERROR),
        ];
    }

    /** @param list<float|null> $parts */
    private static function sum(array $parts): ?float
    {
        $known = array_filter($parts, static fn(?float $part): bool => $part !== null);

        return $known === [] ? null : array_sum($known);
    }
}
