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
            $now->inFlower && $target->use !== RecipeUse::Spot ? new Verdict('in-flower', Level::Stop, 'in-flower', [], 'practice') : null,
            self::picked($now),
            $this->repeated('oil', $strengths->in(SubstanceGroup::Oil), $target, $now),
            $this->repeated('essential', $strengths->in(SubstanceGroup::Essential), $target, $now),
        ]));
    }

    /** A winter oil with green on the plant. */
    public function season(Target $target, Circumstances $now): ?Verdict
    {
        return $target->use === RecipeUse::Dormant && $target->surface() === Surface::Wood && $now->season === Season::Growing
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

    /**
     * What a leaf gets in any seven days, where rounds come closer than that: what one round holds is judged by itself, and
     * what is rinsed off within a day counts a quarter.
     */
    private function repeated(string $code, float $percent, Target $target, Circumstances $now): ?Verdict
    {
        if ($percent <= 0.0 || $now->everyDays === null || $now->everyDays >= self::DAYS_A_WEEK || $target->surface() !== Surface::Leaf || $target->use === RecipeUse::Spot) {
            return null;
        }
        $limit = $this->limits->get("{$code}-a-week");
        $stop = $this->limits->get("{$code}-a-week-stop");
        $week = $percent * ceil(self::DAYS_A_WEEK / $now->everyDays) * ($now->rinsed === true ? SafetyLines::RINSED['value'] : 1.0);
        $level = match (true) {
            $week <= $limit->value * (1 + Ceiling::ROUNDING) => Level::Ok,
            $week <= $stop->value * (1 + Ceiling::ROUNDING) => Level::Caution,
            default => Level::Stop,
        };

        return new Verdict($code === 'oil' ? 'repeated' : "{$code}-repeated", $level, "repeated-{$level->value}", [
            'what' => $code === 'oil' ? 'oil' : 'essential oil',
            'percent' => $percent,
            'days' => $now->everyDays,
            'week' => $week,
            'limit' => $limit->value,
            'stop' => $stop->value,
            'rinsed' => $now->rinsed === true ? ', rinsed off each time' : '',
        ], $limit->source);
    }
}
