<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Data\SafetyLines;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Schedule\PlantCalendar;

/** Holds a spray against the day, the state of the plant, and how often it is sprayed. */
final readonly class CircumstanceJudge
{
    private const DAYS_A_WEEK = SafetyLines::DAYS_A_WEEK['value'];

    public function __construct(private Limits $limits) {}

    /**
     * @return list<Verdict>
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function verdicts(Strengths $strengths, Target $target, Circumstances $now): array
    {
        if ($target->surface() !== Surface::Leaf && $target->surface() !== Surface::Wood) {
            return [];
        }

        return array_values(array_filter([
            $this->season($target, $now),
            $this->temperature($strengths, $now),
            $now->inFlower ? new Verdict('in-flower', Level::Stop, 'in-flower', [], 'practice') : null,
            self::picked($now),
            $this->repeated($strengths->oily(), $target, $now),
        ]));
    }

    /** A winter oil with green on the plant. */
    public function season(Target $target, Circumstances $now): ?Verdict
    {
        return $target->use === RecipeUse::Dormant && $target->plant === null && $now->season === Season::Growing
            ? new Verdict('season', Level::Stop, 'winter-oil-in-season', [], 'practice')
            : null;
    }

    private function temperature(Strengths $strengths, Circumstances $now): ?Verdict
    {
        if ($now->air === null) {
            return null;
        }
        $celsius = $now->air->celsius();
        $oily = $strengths->oily() > 0.0;
        $hot = $this->limits->get('oil-hot');
        $cold = $this->limits->get('oil-cold');
        $warm = $this->limits->get('soap-warm');
        $args = static fn(float $limit): array => ['celsius' => $celsius, 'limit' => $limit];

        return match (true) {
            $oily && $celsius > $hot->value => new Verdict('temperature', Level::Stop, 'too-hot', $args($hot->value), $hot->source),
            $oily && $celsius < $cold->value => new Verdict('temperature', Level::Stop, 'too-cold', $args($cold->value), $cold->source),
            $strengths->in(SubstanceGroup::Soap) + $strengths->in(SubstanceGroup::Soda) > 0.0 && $celsius > $warm->value => new Verdict('temperature', Level::Caution, 'too-warm-for-soap', $args($warm->value), $warm->source),
            default => new Verdict('temperature', Level::Ok, 'temperature-fine', ['celsius' => $celsius, 'limit' => $oily ? $hot->value : $warm->value], $oily ? $hot->source : $warm->source),
        };
    }

    private static function picked(Circumstances $now): ?Verdict
    {
        if ($now->pickedInDays === null) {
            return null;
        }
        $soon = $now->pickedInDays <= PlantCalendar::SOON_DAYS;

        return new Verdict('picked-soon', $soon ? Level::Caution : Level::Ok, $soon ? 'picked-soon' : 'picked-later', ['days' => $now->pickedInDays, 'limit' => PlantCalendar::SOON_DAYS], 'house');
    }

    /** What a leaf gets of oil in a week: 1 % may be repeated after seven days, 2 % not. */
    private function repeated(float $oil, Target $target, Circumstances $now): ?Verdict
    {
        if ($oil <= 0.0 || $now->everyDays === null || $target->surface() !== Surface::Leaf) {
            return null;
        }
        $limit = $this->limits->get('oil-a-week');
        $stop = $this->limits->get('oil-a-week-stop');
        $week = $oil * max(1.0, self::DAYS_A_WEEK / $now->everyDays);
        // Two weeks and more between leave the leaf time, whatever the strength of one round is judged by itself.
        $level = match (true) {
            $week <= $limit->value * (1 + 1e-9) || $now->everyDays >= SafetyLines::WEEKS_OF_REST['value'] * self::DAYS_A_WEEK => Level::Ok,
            $week <= $stop->value * (1 + 1e-9) => Level::Caution,
            default => Level::Stop,
        };

        return new Verdict('repeated', $level, "repeated-{$level->value}", [
            'percent' => $oil,
            'days' => $now->everyDays,
            'week' => $week,
            'limit' => $limit->value,
            'stop' => $stop->value,
        ], $limit->source);
    }
}
