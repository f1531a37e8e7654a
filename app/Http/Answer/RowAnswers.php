<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Count;
use App\Models\PestCase;
use App\Models\Plant;
use App\Records\GardenBook;
use App\Records\RowBook;
use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Row\ActAhead;
use IdleMixer\Core\Row\Ending;
use IdleMixer\Core\Row\Mark;
use IdleMixer\Core\Row\MarkKind;
use IdleMixer\Core\Row\Row;
use IdleMixer\Core\Row\Span;
use IdleMixer\Core\Row\Trend;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Weather\Window;
use IdleMixer\Core\Wording\HourWords;
use IdleMixer\Core\Wording\RowWords;

/** Draws plants as strips of time: every screen that shows one asks here. */
final readonly class RowAnswers
{
    public function __construct(private TroubleCatalogue $troubles, private RowWords $words, private HourWords $hours, private GardenBook $garden) {}

    /**
     * @param list<Plant>            $plants
     * @param array<int, list<Task>> $tasks  what each of them asks for, by plant
     * @param PestCase|null          $shown  a case whose counts are shown though it is closed
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
     * @return array<int, list<PestCase>> earliest first, by plant
     */
    private static function cases(array $plants): array
    {
        $by = [];
        $cases = PestCase::query()->whereIn('plant_id', array_map(static fn(Plant $plant): int => $plant->id, $plants))->with('counts:id,case_id,counted_at,value,untreated')->orderBy('id')->get();
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
            Instant::of($row->span->from),
            Instant::of($row->span->now),
            Instant::of($row->span->until),
            array_map(fn(PestCase $case): RowCurveAnswer => new RowCurveAnswer($case->id, $names[$case->id], $this->troubles->trouble($case->pest)->counted ?? '', array_map($mark, $row->marks(MarkKind::Count, $case->id)), array_map($mark, $row->marks(MarkKind::Compared, $case->id))), $drawn),
            array_map($mark, $row->marks(MarkKind::Round)),
            array_map($mark, $row->marks(MarkKind::Test)),
            array_map($mark, $row->marks(MarkKind::Burn)),
            array_map(fn(Window $window): WindowAnswer => new WindowAnswer(GardenAnswers::instant($window->from), GardenAnswers::instant($window->to), $window->verdict->value, $window->darkAt === null ? null : GardenAnswers::instant($window->darkAt), $this->hours->window($window, $zone)), $row->hours),
            array_map(fn(ActAhead $act): RowActAnswer => new RowActAnswer(Instant::of($act->at), $act->kind->value, $act->ref, $this->words->act($act, $names[$act->ref] ?? '')), $row->acts),
            array_map(fn(Ending $end): RowEndAnswer => new RowEndAnswer(Instant::of($end->at), $end->kind->value, $this->words->end($end, $zone)), $row->ends),
            $this->words->whole($row, $names, $zone),
            $this->brief($cases, $open, $names, $zone),
        );
    }

    /**
     * @param list<PestCase>     $cases
     * @param list<PestCase>     $open
     * @param array<int, string> $names
     */
    private function brief(array $cases, array $open, array $names, DateTimeZone $zone): string
    {
        if ($open === []) {
            $closed = array_filter(array_map(static fn(PestCase $case): ?DateTimeImmutable => $case->closed_at, $cases));

            return $this->words->clean($closed === [] ? null : max($closed), $zone);
        }

        return implode('; ', array_map(fn(PestCase $case): string => $this->words->trend(self::trend($case), $names[$case->id]), $open));
    }

    private static function trend(PestCase $case): Trend
    {
        $counts = $case->counts->filter(static fn(Count $count): bool => ! $count->untreated)->sortBy('counted_at');

        return Trend::of(array_values($counts->map(static fn(Count $count): float => $count->value)->all()));
    }
}
