<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Burn;
use App\Models\Count;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Row\ActAhead;
use IdleMixer\Core\Row\Ending;
use IdleMixer\Core\Row\EndKind;
use IdleMixer\Core\Row\Mark;
use IdleMixer\Core\Row\Row;
use IdleMixer\Core\Row\Span;
use IdleMixer\Core\Schedule\PlantCalendar;
use IdleMixer\Core\Schedule\Task;
use Illuminate\Database\Eloquent\Builder;

/** Reads what a row shows of plants: what they had within its time, and what comes next of them, as every list has it. */
final class RowBook
{
    /**
     * @param list<Plant> $plants
     * @param list<Task>  $tasks  what they ask for
     *
     * @return array<int, Row> by plant
     */
    public static function of(array $plants, array $tasks, Span $span): array
    {
        $ids = array_map(static fn(Plant $plant): int => $plant->id, $plants);
        $marks = self::marks($ids, $span);
        $rests = BurntPlants::rests($span->now);
        $apart = CoursesAhead::apart($ids);
        $cases = self::plants(PestCase::query()->whereIn('plant_id', $ids)->whereNull('closed_at'));
        $ready = ReadyBatches::of(array_keys($cases), $span->now);
        $mixed = self::mixed($cases, $ready);
        $rows = [];
        foreach ($plants as $plant) {
            $asked = array_values(array_filter($tasks, static fn(Task $task): bool => $task->plant === $plant->id));
            $rows[$plant->id] = Row::of(
                $span,
                $marks[$plant->id] ?? [],
                array_map(static fn(Task $task): ActAhead => new ActAhead($task->dueAt, $task->kind, $task->ref, $task->kind->isRound() && isset($ready[$task->ref])), $asked),
                array_merge(...array_map(static fn(Task $task): array => $task->hours, $asked)),
                self::ends($plant, $rests[$plant->id] ?? null, $mixed[$plant->id] ?? [], $span->now),
                isset($rests[$plant->id]),
                isset($apart[$plant->id]),
            );
        }

        return $rows;
    }

    /**
     * @param list<int> $plants
     *
     * @return array<int, list<Mark>> by plant
     */
    private static function marks(array $plants, Span $span): array
    {
        $marks = [];
        $cases = self::plants(PestCase::any(PestCase::query())->whereIn('plant_id', $plants));
        $of = array_keys($cases);
        foreach (Count::query()->whereIn('case_id', $of)->where('counted_at', '>=', $span->from)->get(['id', 'case_id', 'counted_at', 'value', 'untreated']) as $count) {
            $marks[$cases[$count->case_id]][] = $count->untreated ? Mark::compared($count->counted_at, $count->case_id, $count->value) : Mark::count($count->counted_at, $count->case_id, $count->value);
        }
        foreach (Round::query()->whereIn('case_id', $of)->where('sprayed_at', '>=', $span->from)->with('batch:id,name')->get(['id', 'case_id', 'batch_id', 'bought_name', 'sprayed_at']) as $round) {
            $marks[$cases[$round->case_id]][] = Mark::round($round->sprayed_at, $round->case_id, $round->name());
        }
        foreach (Burn::query()->where('seen_at', '>=', $span->from)->whereHas('round', static fn($round) => $round->whereIn('case_id', $of))->with(['round:id,case_id,batch_id,bought_name', 'round.batch:id,name'])->get() as $burn) {
            $marks[$cases[$burn->round->case_id]][] = Mark::burn($burn->seen_at, $burn->round->name(), $burn->share);
        }
        foreach (LeafTest::query()->whereIn('plant_id', $plants)->where('applied_at', '>=', $span->from)->with(['readings', 'batch:id,name'])->get() as $test) {
            $outcome = FromNotebook::leafTest($test)->outcome($span->now);
            $marks[$test->plant_id][] = Mark::test($test->applied_at, $test->batch->name, $outcome->isConcluded() ? ! $outcome->isMarked() : null);
        }

        return $marks;
    }

    /**
     * @param Builder<PestCase> $cases
     *
     * @return array<int, int> the plant of each, by case
     */
    private static function plants(Builder $cases): array
    {
        $of = [];
        foreach ($cases->get(['id', 'plant_id']) as $case) {
            $of[$case->id] = $case->plant_id;
        }

        return $of;
    }

    /**
     * @param array<int, int> $cases the plant of each, by case
     * @param array<int, int> $ready the batch that waits to be sprayed, by case
     *
     * @return array<int, list<DateTimeImmutable>> until when what is mixed for each is good, by plant
     */
    private static function mixed(array $cases, array $ready): array
    {
        $ends = Batch::query()->whereIn('id', $ready)->whereNotNull('discard_at')->get(['id', 'discard_at'])->keyBy('id');
        $mixed = [];
        foreach ($ready as $case => $batch) {
            $end = $ends[$batch]->discard_at ?? null;
            if ($end !== null) {
                $mixed[$cases[$case]][] = $end;
            }
        }

        return $mixed;
    }

    /**
     * @param list<DateTimeImmutable> $mixed
     *
     * @return list<Ending>
     */
    private static function ends(Plant $plant, ?DateTimeImmutable $rests, array $mixed, DateTimeImmutable $now): array
    {
        $bloom = Whoms::bloom($plant, $now);

        return [
            ...($bloom === null || ! PlantCalendar::isInBloom($bloom[0], $bloom[1], $now) ? [] : [new Ending($bloom[1]->modify('+1 day'), EndKind::Bloom)]),
            ...($rests === null ? [] : [new Ending($rests, EndKind::Rest)]),
            ...($plant->harvest_on === null ? [] : [new Ending($plant->harvest_on, EndKind::Harvest)]),
            ...array_map(static fn(DateTimeImmutable $end): Ending => new Ending($end, EndKind::Batch), $mixed),
        ];
    }
}
