<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Batch;
use App\Models\Course;
use App\Models\PestCase;
use App\Models\Trial;
use App\Models\TrialLook;
use App\Records\Bottles;
use App\Records\CourseRecords;
use App\Records\CoursesAhead;
use App\Records\GardenBook;
use App\Records\Looks;
use App\Records\OpenTrials;
use DateTimeImmutable;
use IdleMixer\Core\Batch\BottleState;
use IdleMixer\Core\Evidence\Lots;
use IdleMixer\Core\Evidence\LotTrial;
use IdleMixer\Core\Evidence\Side;
use IdleMixer\Core\Evidence\TrialPlan;
use IdleMixer\Core\Evidence\TrialSide;
use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\TrialWords;
use Psr\Clock\ClockInterface;

/** Writes a trial as it stands: who gets what, what was sprayed, what was counted, and what it says. */
final readonly class TrialAnswers
{
    public function __construct(private TroubleCatalogue $troubles, private BottleAnswers $bottles, private GardenBook $garden, private ClockInterface $clock) {}

    public function of(Trial $trial): TrialAnswer
    {
        $trial->loadMissing(OpenTrials::WITH);
        $lots = Lots::draw($trial->seed, $trial->units);
        $looks = array_values($trial->looks->all());
        $counted = OpenTrials::read($trial);
        $found = $counted->result();
        $trouble = $this->troubles->trouble($trial->pest);

        return new TrialAnswer(
            $trial->id,
            $trial->submission,
            $trial->version,
            $trial->name,
            $trial->pest,
            $trouble->name,
            $trial->one,
            $trial->other,
            $trial->unit,
            $trial->units,
            $trial->blind,
            Instant::of($trial->begun_at),
            Instant::maybe($counted->sprayedAt),
            Instant::maybe($trial->ended_at),
            $trial->conclusion,
            $lots,
            array_map(static fn(TrialLook $look): TrialLookAnswer => new TrialLookAnswer($look->id, $look->submission, $look->version, Instant::of($look->counted_at), Looks::ofTrial($look)), $looks),
            $found?->percent,
            $found?->low,
            $found?->high,
            $counted->isSettled(),
            TrialWords::result($counted, $trial->one, $trial->other),
            $this->plan($trial, $counted),
            $this->sides($trial, $counted),
            self::plants($trial),
        );
    }

    private function plan(Trial $trial, LotTrial $counted): string
    {
        $zone = $this->garden->zone();
        $on = static fn(DateTimeImmutable $day): string => Written::longDay($day->setTimezone($zone));

        return TrialWords::plan(array_map($on, TrialPlan::looks($counted)), OpenTrials::sides($trial)->hoursApart());
    }

    /** @return list<TrialSideAnswer> A before B */
    private function sides(Trial $trial, LotTrial $counted): array
    {
        $both = $trial->both();
        if (count($both) !== 2) {
            return [];
        }
        $sides = OpenTrials::sides($trial);
        $open = array_map(fn(Course $course): ?Batch => OpenTrials::side($course)->left() === 0 || $trial->ended_at !== null ? null : $this->inHand($course), $both);
        $bottles = array_map(fn(?Batch $batch): ?BottleAnswer => $batch === null ? null : $this->bottles->of($batch, $this->clock->now()), $open);
        $isMixed = array_map(static fn(Course $course, ?BottleAnswer $bottle): bool => CoursesAhead::slugs($course) === [] || ($bottle !== null && ! in_array($bottle->state, [BottleState::Planned->value, BottleState::Mixing->value], true)), $both, $bottles);
        $next = $counted->before() === null ? null : $sides->next($isMixed[0], $isMixed[1]);

        return [
            self::side($both[0], $sides->one, $trial->one, $next === Side::One, $open[0], $bottles[0]),
            self::side($both[1], $sides->other, $trial->other, $next === Side::Other, $open[1], $bottles[1]),
        ];
    }

    private static function side(Course $course, TrialSide $side, string $name, bool $isNext, ?Batch $batch, ?BottleAnswer $bottle): TrialSideAnswer
    {
        return new TrialSideAnswer(Side::from($course->side)->letter(), new RefAnswer($course->id, $course->submission, $course->name), $name, $side->alone, CoursesAhead::slugs($course)[0] ?? null, $side->plants[0] ?? null, count($side->plants), $side->left(), $isNext, $batch?->id, $bottle);
    }

    /** The newest batch for it that is not gone. */
    private function inHand(Course $course): ?Batch
    {
        $now = $this->clock->now();
        $batches = Batch::query()->where('course_id', $course->id)->where('for_leaf_test', false)->whereNull('discarded_at')->with([...Bottles::WITH, 'plant', 'case.plant'])->orderByDesc('started_at')->orderByDesc('id')->get();
        foreach ($batches as $batch) {
            if ($this->bottles->of($batch, $now)->state !== BottleState::Gone->value) {
                return $batch;
            }
        }

        return null;
    }

    /** @return list<TrialPlantAnswer> by their labels */
    private static function plants(Trial $trial): array
    {
        $all = [];
        foreach ($trial->sides as $course) {
            foreach (CourseRecords::on($course) as $case) {
                $all[$case->plant_id] = $case;
            }
        }
        usort($all, static fn(PestCase $a, PestCase $b): int => [$a->lot, $a->id] <=> [$b->lot, $b->id]);

        return array_map(static fn(PestCase $case): TrialPlantAnswer => new TrialPlantAnswer($case->lot, new RefAnswer($case->plant->id, $case->plant->submission, $case->plant->name)), $all);
    }
}
