<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\PopulationLines;
use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Population\Forecast;
use IdleMixer\Core\Population\Reach;
use IdleMixer\Core\Population\Surprise;
use IdleMixer\Core\Words\Say;

/** Says how what multiplies is expected to go on. */
final class AheadWords
{
    /**
     * @param list<int>                                 $rounds days of the rounds that are to come
     * @param callable(int): \DateTimeImmutable $on     midnight of a day
     */
    public static function of(Forecast $forecast, array $rounds, int $today, callable $on): string
    {
        $end = count($forecast->days) - 1;
        $over = self::over($forecast, $today);
        $seen = $forecast->days[$end]->middle;
        $gone = $over === null ? '' : Written::weekday($on($over));
        $by = Written::weekday($on($end));
        $count = Figures::percent($seen);
        $many = count($rounds);

        return match (true) {
            $over !== null && $many === 0 => Say::it('wording/ahead-words.goes-by-itself', ['over' => $gone]),
            $over !== null && $many === 1 => Say::it('wording/ahead-words.gone-by-one', ['over' => $gone]),
            $over !== null => Say::it('wording/ahead-words.gone', ['rounds' => $many, 'over' => $gone]),
            $many === 0 => $seen > PopulationLines::CROWD['value'] ? Say::it('wording/ahead-words.alone-crowd', ['end' => $by]) : Say::it('wording/ahead-words.alone', ['count' => $count, 'end' => $by]),
            $many === 1 => $seen > PopulationLines::CROWD['value'] ? Say::it('wording/ahead-words.left-by-one-crowd', ['end' => $by]) : Say::it('wording/ahead-words.left-by-one', ['count' => $count, 'end' => $by]),
            default => $seen > PopulationLines::CROWD['value'] ? Say::it('wording/ahead-words.left-crowd', ['rounds' => $many, 'end' => $by]) : Say::it('wording/ahead-words.left', ['rounds' => $many, 'count' => $count, 'end' => $by]),
        };
    }

    /** What may be the reason where the last count is another than was to be expected; empty where it is not. */
    public static function surprise(Surprise $surprise): string
    {
        return match ($surprise) {
            Surprise::None => '',
            Surprise::More => Say::it('wording/ahead-words.more'),
            Surprise::Fewer => Say::it('wording/ahead-words.fewer'),
        };
    }

    /** How much the sprays reach, and by whose rounds. */
    public static function reach(Reach $reach): string
    {
        $args = ['percent' => Figures::percent($reach->percent), 'usual' => Figures::percent(PopulationLines::REACHED['value'])];

        return match ($reach->rounds) {
            0 => Say::it('wording/ahead-words.reach-usual', ['percent' => $args['percent']]),
            1 => Say::it('wording/ahead-words.reach-one', $args),
            default => Say::it('wording/ahead-words.reach-own', ['rounds' => $reach->rounds, ...$args]),
        };
    }

    /** The first day from which on under one is left of all stages, to the end; null where that does not come. */
    private static function over(Forecast $forecast, int $today): ?int
    {
        $over = null;
        for ($day = count($forecast->days) - 1; $day >= $today && array_sum($forecast->days[$day]->stages) < PopulationLines::OVER['value']; --$day) {
            $over = $day;
        }

        return $over;
    }
}
