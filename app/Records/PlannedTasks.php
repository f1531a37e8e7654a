<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Count;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Schedule\CaseTasks;
use IdleMixer\Core\Schedule\RoundDone;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;

/** What an open case asks for, as planned: before weather, counts and people move it. */
final readonly class PlannedTasks
{
    public function __construct(private TroubleCatalogue $troubles, private GardenBook $garden, private RoundDates $wanted) {}

    /**
     * @param array<int, Trial> $trials by round
     * @param list<LeafTest>    $tests  of its plant
     *
     * @return list<Task>
     */
    public function of(PestCase $case, array $trials, array $tests): array
    {
        $round = $case->rounds->last();
        $trial = $round === null ? null : ($trials[$round->id] ?? null);
        $done = $round === null || $trial === null ? null : new RoundDone(
            $round->sprayed_at,
            $round->firstLookHours(),
            $round->fairLookHours(),
            $case->round_days,
            self::countedSince($case, $round)?->counted_at,
            $trial->isLookedAt(),
            $case->bud_break_on === null ? null : PlaceDays::from($round->sprayed_at, $this->garden->zone())->morningOf($case->bud_break_on),
            $case->rounds->whereNotNull('batch_id')->isNotEmpty(),
        );
        $trouble = $this->troubles->trouble($case->pest);

        return CaseTasks::of($case->id, Say::it('records/planned-tasks.on', ['name' => $trouble->name, 'name-2' => $case->plant->name]), self::readyAt($case, $tests), $done, $trouble->counted, WaitBook::of($case), $this->wanted->next($case));
    }

    /** @param list<LeafTest> $tests of its plant */
    public static function readyAt(PestCase $case, array $tests): DateTimeImmutable
    {
        $ready = $case->opened_at;
        foreach ($tests as $test) {
            $due = FromNotebook::leafTest($test)->dueAt();
            $ready = $test->applied_at >= $case->opened_at && $due > $ready ? $due : $ready;
        }

        return $ready;
    }

    /**
     * @param list<int> $plants
     *
     * @return array<int, list<LeafTest>> by plant
     */
    public static function tested(array $plants): array
    {
        $all = [];
        foreach (LeafTest::query()->whereIn('plant_id', $plants)->with('readings')->get() as $test) {
            $all[$test->plant_id][] = $test;
        }

        return $all;
    }

    /** The last count of what was sprayed. */
    private static function countedSince(PestCase $case, Round $round): ?Count
    {
        return $case->counts->filter(static fn(Count $count): bool => ! $count->untreated && $count->counted_at >= $round->sprayed_at)->last();
    }
}
