<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Mix\Strengths;

/**
 * What a spray may turn out to be beyond what was asked for: the high end of a range, which an amount by eye may well be,
 * and what measures that are too coarse make of it. Said only where it is judged worse.
 */
final readonly class RangeJudge
{
    public function __construct(private Ceilings $ceilings) {}

    /**
     * @param list<Verdict> $asked of what was asked for
     *
     * @return list<Verdict> cautions
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function highEnd(array $asked, Strengths $high, Target $target, ?Season $season = null): array
    {
        return array_map(
            static fn(array $worse): Verdict => new Verdict("high-end-{$worse[1]->code}", Level::Caution, 'high-end-over', self::args(...$worse), $worse[1]->source),
            $this->worse($asked, $high, $target, $season, 1.0),
        );
    }

    /**
     * @param list<Verdict> $asked    of what was asked for
     * @param Strengths     $measured as the measures at hand have it
     *
     * @return list<Verdict> what it is worse by more than spoons are always off
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function measured(array $asked, Strengths $measured, Target $target, ?Season $season = null): array
    {
        return array_map(
            static fn(array $worse): Verdict => new Verdict("measured-{$worse[1]->code}", $worse[1]->level, 'measured-over', self::args(...$worse), $worse[1]->source),
            $this->worse($asked, $measured, $target, $season, 1.0 + ScoopPlan::TOLERANCE),
        );
    }

    /**
     * @param list<Verdict> $asked
     *
     * @return list<array{Ceiling, Verdict}>
     */
    private function worse(array $asked, Strengths $end, Target $target, ?Season $season, float $slack): array
    {
        $levels = [];
        foreach ($asked as $verdict) {
            $levels[$verdict->code] = $verdict->level;
        }

        $worse = [];
        foreach ($this->ceilings->of($target, $season) as $ceiling) {
            $percent = $ceiling->percentOf($end);
            $before = $levels[$ceiling->code()] ?? Level::Ok;
            if ($percent > $slack * $ceiling->limit->value && $ceiling->level($percent)->isWorseThan($before)) {
                $worse[] = [$ceiling, $ceiling->verdict($percent)];
            }
        }

        return $worse;
    }

    /** @return array<string, int|float|string> */
    private static function args(Ceiling $ceiling, Verdict $verdict): array
    {
        return [...$verdict->args, 'what' => $ceiling->what->words(), 'unit' => $ceiling->what->unit()];
    }
}
