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
            static fn(Verdict $verdict): Verdict => new Verdict("high-end-{$verdict->code}", Level::Caution, 'high-end-over', self::args($verdict), $verdict->source),
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
            static fn(Verdict $verdict): Verdict => new Verdict("measured-{$verdict->code}", $verdict->level, 'measured-over', self::args($verdict), $verdict->source),
            $this->worse($asked, $measured, $target, $season, 1.0 + ScoopPlan::TOLERANCE),
        );
    }

    /**
     * @param list<Verdict> $asked
     *
     * @return list<Verdict>
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
            $before = $levels["{$ceiling->what}-strength"] ?? Level::Ok;
            if ($percent > $slack * $ceiling->limit->value && $ceiling->level($percent)->isWorseThan($before)) {
                $worse[] = $ceiling->verdict($percent);
            }
        }

        return $worse;
    }

    /** @return array<string, int|float|string> */
    private static function args(Verdict $verdict): array
    {
        $what = str_replace('-strength', '', $verdict->code);

        return [...$verdict->args, 'what' => match ($what) {
            'alcohol', 'peroxide' => "pure {$what}",
            'essential' => 'essential oil',
            default => $what,
        }, 'unit' => $what === 'soda' ? 'g per 100 mL' : '%'];
    }
}
