<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Data\SafetyLines;
use IdleMixer\Core\Mix\Strengths;

/** What measures that are too coarse make of a spray. Said only where it is judged worse. */
final readonly class RangeJudge
{
    public function __construct(private Ceilings $ceilings) {}

    /**
     * @param list<Verdict> $asked    of what was asked for
     * @param Strengths     $measured as the measures at hand have it
     *
     * @return list<Verdict> what it is worse by more than spoons may be off
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function measured(array $asked, Strengths $measured, Target $target): array
    {
        $levels = [];
        foreach ($asked as $verdict) {
            $levels[$verdict->code] = $verdict->level;
        }
        $worse = [];
        foreach ($this->ceilings->of($target, $measured) as $bound) {
            $verdict = $bound->verdict($measured);
            if ($verdict !== null && $bound->times($measured) > 1.0 + SafetyLines::SPOONS_OFF['value'] && $verdict->level->isWorseThan($levels[$verdict->code] ?? Level::Ok)) {
                $worse[] = Verdict::ofMeasured($verdict, $bound->times($measured) > 1.0 + SafetyLines::SPOONS_STOP['value']);
            }
        }

        return $worse;
    }
}
