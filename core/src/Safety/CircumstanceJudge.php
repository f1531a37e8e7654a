<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Data\SafetyLines;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Schedule\PlantCalendar;
use IdleMixer\Core\Words\Say;

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
            $now->inFlower && $target->use !== RecipeUse::Spot ? Verdict::of(Finding::InFlower) : null,
            self::picked($now),
            $this->repeated(SubstanceGroup::Oil, $strengths, $target, $now),
            $this->repeated(SubstanceGroup::Essential, $strengths, $target, $now),
        ]));
    }

    /** A winter oil with green on the plant. */
    public function season(Target $target, Circumstances $now): ?Verdict
    {
        return $target->use === RecipeUse::Dormant && $target->surface() === Surface::Wood && $now->season === Season::Growing
            ? Verdict::of(Finding::WinterOilInSeason)
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
            $oily && $celsius > $hot->value => Verdict::of(Finding::TooHot, $args($hot->value), $hot->source),
            $oily && $celsius < $cold->value => Verdict::of(Finding::TooCold, $args($cold->value), $cold->source),
            $strengths->in(SubstanceGroup::Soap) + $strengths->in(SubstanceGroup::Soda) > 0.0 && $celsius > $warm->value => Verdict::of(Finding::TooWarmForSoap, $args($warm->value), $warm->source),
            default => Verdict::of(Finding::TemperatureFine, ['celsius' => $celsius, 'limit' => $oily ? $hot->value : $warm->value], $oily ? $hot->source : $warm->source),
        };
    }

    private static function picked(Circumstances $now): ?Verdict
    {
        if ($now->pickedInDays === null) {
            return null;
        }
        $soon = $now->pickedInDays <= PlantCalendar::SOON_DAYS;

        return Verdict::of($soon ? Finding::PickedSoon : Finding::PickedLater, ['days' => $now->pickedInDays, 'limit' => PlantCalendar::SOON_DAYS]);
    }

    /**
     * What a leaf gets in any seven days, where rounds come closer than that: what one round holds is judged by itself, and
     * what is rinsed off within a day counts a quarter.
     */
    private function repeated(SubstanceGroup $what, Strengths $strengths, Target $target, Circumstances $now): ?Verdict
    {
        $percent = $strengths->in($what);
        if ($percent <= 0.0 || $now->everyDays === null || $now->everyDays >= self::DAYS_A_WEEK || $target->surface() !== Surface::Leaf || $target->use === RecipeUse::Spot) {
            return null;
        }
        $limit = $this->limits->get("{$what->value}-a-week");
        $stop = $this->limits->get("{$what->value}-a-week-stop");
        $week = $percent * ceil(self::DAYS_A_WEEK / $now->everyDays) * ($now->rinsed === true ? SafetyLines::RINSED['value'] : 1.0);
        $three = $what === SubstanceGroup::Oil ? [Finding::RepeatedOk, Finding::RepeatedCaution, Finding::RepeatedStop] : [Finding::EssentialRepeatedOk, Finding::EssentialRepeatedCaution, Finding::EssentialRepeatedStop];

        return Verdict::of(match (true) {
            $week <= $limit->value * (1 + Ceiling::ROUNDING) => $three[0],
            $week <= $stop->value * (1 + Ceiling::ROUNDING) => $three[1],
            default => $three[2],
        }, [
            'what' => $what->words(),
            'percent' => $percent,
            'days' => $now->everyDays,
            'week' => $week,
            'limit' => $limit->value,
            'stop' => $stop->value,
            'stop-source' => $stop->source,
            'rinsed' => $now->rinsed === true ? Say::it('safety/circumstance-judge.rinsed-off-each-time') : '',
        ], $limit->source);
    }
}
