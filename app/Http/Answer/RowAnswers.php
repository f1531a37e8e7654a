<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Count;
use App\Models\PestCase;
use App\Models\Plant;
use App\Records\GardenBook;
use App\Records\RowBook;
use DateTimeZone;
use IdleMixer\Core\Row\ActAhead;
use IdleMixer\Core\Row\Ending;
use IdleMixer\Core\Row\LeafState;
use IdleMixer\Core\Row\Mark;
use IdleMixer\Core\Row\MarkKind;
use IdleMixer\Core\Row\Row;
use IdleMixer\Core\Row\Span;
use IdleMixer\Core\Row\Trend;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\RowWords;

/** Draws plants as strips of time: every screen that shows one asks here. */
final readonly class RowAnswers
{
    public function __construct(private TroubleCatalogue $troubles, private RowWords $words, private WindowAnswers $windows, private GardenBook $garden) {}

    /**
     * @param list<Plant>   $plants
     * @param list<Task>    $tasks  what they ask for
     * @param PestCase|null $shown  a case whose counts are shown though it is closed
     *
     * @return list<RowAnswer> in the order of the plants
     */
    public function of(array $plants, array $tasks, Span $span, ?PestCase $shown = null): array
    {
        $rows = RowBook::of($plants, $tasks, $span);
        $cases = self::cases($plants);
        $zone = $this->garden->zone();

        return array_map(fn(Plant $plant): RowAnswer => $this->one($plant, $rows[$plant->id], $cases[$plant->id] ?? [], $shown, $zone), $plants);
    }

    /**
     * @param list<Plant> $plants
     *
     * @return array<int, list<PestCase>> with their last two counts, earliest first, by plant
     */
    private static function cases(array $plants): array
    {
        $by = [];
        $cases = PestCase::query()->whereIn('plant_id', array_map(static fn(Plant $plant): int => $plant->id, $plants))->with('lastCounts')->orderBy('id')->get();
        foreach ($cases as $case) {
            $by[$case->plant_id][] = $case;
        }

        return $by;
    }

    /** @param list<PestCase> $cases */
    private function one(Plant $plant, Row $row, array $cases, ?PestCase $shown, DateTimeZone $zone): RowAnswer
    {
        $open = array_values(array_filter($cases, static fn(PestCase $case): bool => $case->closed_at === null));
        $drawn = array_values(array_filter($cases, static fn(PestCase $case): bool => $case->closed_at === null || $case->id === $shown?->id));
        usort($drawn, static fn(PestCase $a, PestCase $b): int => ($b->id === $shown?->id) <=> ($a->id === $shown?->id));
        $names = [];
        foreach ($drawn as $case) {
            $names[$case->id] = $this->troubles->trouble($case->pest)->name;
        }
        $mark = static fn(Mark $one): RowMarkAnswer => new RowMarkAnswer(Instant::of($one->at), $one->value, $one->name, $one->clean);

        return new RowAnswer(
            $plant->id,
            $plant->name,
            $plant->place,
            LeafState::of($row->rests, count($open))->value,
            $zone->getName(),
            Instant::of($row->span->from),
            Instant::of($row->span->now),
            Instant::of($row->span->until),
            array_map(fn(PestCase $case): RowCurveAnswer => new RowCurveAnswer($case->id, $names[$case->id], $this->troubles->trouble($case->pest)->counted ?? '', array_map($mark, $row->marks(MarkKind::Count, $case->id)), array_map($mark, $row->marks(MarkKind::Compared, $case->id))), $drawn),
            array_map($mark, $row->marks(MarkKind::Round)),
            array_map($mark, $row->marks(MarkKind::Test)),
            array_map($mark, $row->marks(MarkKind::Burn)),
            $this->windows->all($row->hours, $zone),
            array_map(fn(ActAhead $act): RowActAnswer => new RowActAnswer(Instant::of($act->at), $act->kind->value, $act->ref, $this->words->act($act, $names[$act->ref] ?? '')), $row->acts),
            array_map(fn(Ending $end): RowEndAnswer => new RowEndAnswer(Instant::of($end->at), $end->kind->value, $this->words->end($end, $zone)), $row->ends),
            $this->words->whole($row, $names, $zone),
            $this->brief($row, $cases, $open, $names, $zone),
        );
    }

    /**
     * @param list<PestCase>     $cases
     * @param list<PestCase>     $open
     * @param array<int, string> $names
     */
    private function brief(Row $row, array $cases, array $open, array $names, DateTimeZone $zone): string
    {
        $last = null;
        foreach ($open === [] ? $cases : [] as $case) {
            $last = $last === null || $case->closed_at > $last->closed_at ? $case : $last;
        }

        return match (true) {
            $open !== [] => implode('; ', array_map(fn(PestCase $case): string => $this->words->trend(self::trend($case), $names[$case->id]), $open)),
            $row->apart => $this->words->apart(),
            $last?->closed_at === null => $this->words->nothing(),
            default => $this->words->over(self::trend($last), $last->closed_at, $zone),
        };
    }

    private static function trend(PestCase $case): Trend
    {
        return Trend::of(array_values($case->lastCounts->reverse()->map(static fn(Count $count): float => $count->value)->all()));
    }
}
