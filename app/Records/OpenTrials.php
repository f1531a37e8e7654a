<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Course;
use App\Models\PestCase;
use App\Models\Round;
use App\Models\Trial;
use App\Models\TrialLook;
use IdleMixer\Core\Evidence\Lots;
use IdleMixer\Core\Evidence\LotTrial;
use IdleMixer\Core\Evidence\Side;
use IdleMixer\Core\Evidence\SpotLook;
use IdleMixer\Core\Evidence\TrialPlan;
use IdleMixer\Core\Evidence\TrialSide;
use IdleMixer\Core\Evidence\TrialSides;
use IdleMixer\Core\Schedule\Task;

/** Reads trials by lot from the notebook, and what each that is under way asks for. */
final class OpenTrials
{
    public const WITH = ['looks', 'sides.cases.plant', 'sides.cases.rounds:id,case_id,sprayed_at'];

    public static function read(Trial $trial): LotTrial
    {
        $sides = self::sides($trial);

        return new LotTrial(Lots::draw($trial->seed, $trial->units), array_map(static fn(TrialLook $look): SpotLook => new SpotLook($look->counted_at, Looks::ofTrial($look)), array_values($trial->looks->all())), $sides->sprayed(), $sides->begun());
    }

    /** What was sprayed on each side. */
    public static function sides(Trial $trial): TrialSides
    {
        $all = array_map(self::side(...), $trial->both());

        return count($all) === 2 ? new TrialSides($all[0], $all[1], $trial->sprayed_at) : TrialSides::said($trial->sprayed_at);
    }

    public static function side(Course $course): TrialSide
    {
        $first = [];
        foreach ($course->cases as $case) {
            $at = $case->rounds->min(static fn(Round $round) => $round->sprayed_at);
            if ($at instanceof \DateTimeImmutable) {
                $first[$case->plant_id] = $at;
            }
        }

        return new TrialSide($course->side === Side::Alone->value, array_map(static fn(PestCase $case): int => $case->plant_id, CourseRecords::on($course)), $first);
    }

    /** @return array<int, true> plants, by id, that are counted now: both sides are sprayed, and the trial goes on */
    public static function counting(): array
    {
        $plants = [];
        foreach (Trial::query()->whereNull('ended_at')->with(self::WITH)->get() as $trial) {
            $sides = self::sides($trial);
            $plants += $sides->sprayed() === null ? [] : array_fill_keys([...$sides->one->plants, ...$sides->other->plants], true);
        }

        return $plants;
    }

    /** @return array<int, Task> by trial */
    public static function tasks(): array
    {
        $tasks = [];
        foreach (Trial::query()->whereNull('ended_at')->with(self::WITH)->orderBy('id')->get() as $trial) {
            [$kind, $at] = TrialPlan::next(self::read($trial), $trial->begun_at);
            $tasks[$trial->id] = new Task($kind, $trial->id, $trial->name, $at);
        }

        return $tasks;
    }
}
