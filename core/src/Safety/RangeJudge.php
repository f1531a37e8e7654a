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
    public function highEnd(array $asked, Strengths $high, Target $target): array
    {
        return array_map(
            Verdict::ofHighEnd(...),
            $this->worse($asked, $high, $target, 1.0),
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
    public function measured(array $asked, Strengths $measured, Target $target): array
    {
        return array_map(
            Verdict::ofMeasured(...),
            $this->worse($asked, $measured, $target, 1.0 + ScoopPlan::TOLERANCE),
        );
    }

    /**
     * @param list<Verdict> $asked
     *
     * @return list<Verdict>
     */
    private function worse(array $asked, Strengths $end, Target $target, float $slack): array
    {
        $levels = [];
        foreach ($asked as $verdict) {
            $levels[$verdict->code] = $verdict->level;
        }
        $worse = [];
        foreach ($this->ceilings->of($target, $end) as $bound) {
            $verdict = $bound->verdict($end);
            if ($verdict !== null && $bound->times($end) > $slack && $verdict->level->isWorseThan($levels[$verdict->code] ?? Level::Ok)) {
                $worse[] = $verdict;
            }
        }

        return $worse;
    }
}
