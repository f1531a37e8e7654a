<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\PopulationLines;
use IdleMixer\Core\Population\Programme;
use IdleMixer\Core\Trainer\Mistake;
use IdleMixer\Core\Trainer\Season;
use IdleMixer\Core\Words\Say;

/** Says what came of a season in a made-up garden, and what let it come back. */
final class SeasonWords
{
    /** @param int $rounds that were had */
    public static function end(Season $season, int $rounds): string
    {
        $left = $season->left();

        return match (true) {
            $season->isOver() && $rounds === 1 => Say::it('wording/season-words.over-by-one'),
            $season->isOver() => Say::it('wording/season-words.over', ['rounds' => $rounds]),
            $left > PopulationLines::CROWD['value'] => Say::it('wording/season-words.crowd'),
            default => Say::it('wording/season-words.left', ['count' => (int) max(1.0, round($left))]),
        };
    }

    public static function best(Programme $best): string
    {
        $rounds = count($best->days);

        return match (true) {
            $best->ends() && $rounds === 1 => Say::it('wording/season-words.best-one'),
            $best->ends() => Say::it('wording/season-words.best', ['rounds' => $rounds]),
            default => Say::it('wording/season-words.best-never', ['rounds' => $rounds]),
        };
    }

    /** @param float $generation days from egg to adult */
    public static function mistake(Mistake $mistake, float $generation): string
    {
        return match ($mistake) {
            Mistake::OneAndDone => Say::it('wording/season-words.one-and-done'),
            Mistake::StoppedAtQuiet => Say::it('wording/season-words.stopped-at-quiet'),
            Mistake::TooWide => Say::it('wording/season-words.too-wide', ['days' => Figures::percent($generation)]),
        };
    }
}
