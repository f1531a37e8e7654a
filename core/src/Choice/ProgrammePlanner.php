<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Schedule\BiologyCatalogue;
use IdleMixer\Core\Schedule\Entry;
use IdleMixer\Core\Schedule\EntryKind;
use IdleMixer\Core\Schedule\Gaps;
use IdleMixer\Core\Schedule\InTurn;
use IdleMixer\Core\Schedule\LookPlanner;
use IdleMixer\Core\Schedule\ProgrammeCatalogue;
use IdleMixer\Core\Schedule\RoundPlanner;

/** Lays out a programme of rounds and looks for a trouble on a plant. */
final readonly class ProgrammePlanner
{
    public function __construct(
        private InTurns $inTurns,
        private RecipeCatalogue $shipped,
        private ProgrammeCatalogue $programmes,
        private BiologyCatalogue $biology,
        private LeafPace $pace,
    ) {}

    public static function shipped(): self
    {
        return new self(InTurns::shipped(), RecipeCatalogue::shipped(), ProgrammeCatalogue::shipped(), BiologyCatalogue::shipped(), LeafPace::shipped());
    }

    public function plan(ProgrammeAsk $ask): Programme
    {
        $names = [];
        $barred = [];
        $rotation = [];
        foreach ($ask->recipes as $recipe) {
            $names[$recipe->slug] = $recipe->name;
            $stop = $this->inTurns->barred($recipe, $ask);
            if ($stop !== null) {
                $barred[$recipe->slug] = $stop;
            } else {
                $rotation[] = $this->inTurns->of($recipe, $ask);
            }
        }
        $development = $this->biology->of($ask->trouble->slug)?->at($ask->celsius ?? ScheduleLines::USUAL_CELSIUS['value']);
        $why = array_map(static fn(string $slug): Entry => new Entry(0, EntryKind::Look, $slug, 'barred', ['day' => 0]), array_keys($barred));
        if ($rotation === []) {
            return new Programme($why, [], $barred, $names, $development);
        }
        if (! $ask->infested) {
            return new Programme([...$why, ...$this->prevention($rotation[0], $ask)], [], $barred, $names, $development);
        }
        $planner = new RoundPlanner($this->programmes->turns(), $this->pace->loads());
        $byRecipe = array_combine(array_map(static fn(InTurn $one): string => $one->recipe, $rotation), $rotation);
        $had = self::had($ask->had, $byRecipe);
        $next = $ask->next === null ? [] : self::had([[$ask->next[0], $ask->next[1]]], $byRecipe);
        $because = $ask->next[2] ?? '';
        $turns = array_values(array_intersect_key($byRecipe, array_flip($ask->turns)));
        $sprays = $had === [] || $next === [] ? $planner->infested($rotation, $development, $ask->pace, $had) : $planner->goneOn($turns === [] ? $rotation : $turns, $development, $had, $next[0], $because);

        return new Programme([...$why, ...LookPlanner::around($sprays, $byRecipe)], $development === null ? [] : Gaps::between(self::working($sprays, $byRecipe), $development), $barred, $names, $development);
    }

    /**
     * @param list<array{int, string}> $had
     * @param array<string, InTurn>    $rotation by recipe
     *
     * @return list<array{int, InTurn}> rounds of the rotation that were had
     */
    private static function had(array $had, array $rotation): array
    {
        $done = [];
        foreach ($had as [$day, $slug]) {
            if (isset($rotation[$slug])) {
                $done[] = [$day, $rotation[$slug]];
            }
        }

        return $done;
    }

    /** @return list<Entry> */
    private function prevention(InTurn $spray, ProgrammeAsk $ask): array
    {
        $pace = $ask->pace ?? ($this->shipped->has($spray->recipe) ? $this->programmes->prevention($spray->recipe) : ScheduleLines::OWN_PREVENTION['value']);
        if ($pace === null) {
            return array_map(static fn(int $week): Entry => new Entry($week * ScheduleLines::WEEK['value'], EntryKind::Look, $spray->recipe, 'no-prevention', ['day' => $week * ScheduleLines::WEEK['value']]), range(0, ScheduleLines::WEEKLY_LOOKS['value'] - 1));
        }
        $planner = new RoundPlanner($this->programmes->turns(), []);

        return LookPlanner::beforeEach($planner->prevention($spray, max($pace, $this->pace->days($spray))));
    }

    /**
     * @param list<Entry>           $sprays
     * @param array<string, InTurn> $rotation
     *
     * @return list<int> days on which something works, earliest first
     */
    private static function working(array $sprays, array $rotation): array
    {
        $days = [];
        foreach ($sprays as $spray) {
            array_push($days, ...range($spray->day, $spray->day + $rotation[(string) $spray->recipe]->lasts));
        }
        $days = array_values(array_unique($days));
        sort($days);

        // A spray that is put on bare wood once meets what winters there, not what hatches from then on.
        return count($sprays) === 1 && $rotation[(string) $sprays[0]->recipe]->onWood ? [] : $days;
    }
}
