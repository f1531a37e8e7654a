<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Data\SafetyLines;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Words\Say;

/**
 * Says where what is to kill is too weak to. Soap is judged wherever it is what kills; beside alcohol, neem or essential oil
 * it is there to wet and to hold, and beside oil a little of it only holds.
 */
final readonly class WeakJudge
{
    /** @param list<string> $waxed slugs of the troubles that sit under wax */
    public function __construct(private Limits $limits, private array $waxed) {}

    public static function of(Limits $limits): self
    {
        /** @var array<string, bool> $waxed */
        $waxed = Things::of('troubles')->column('waxed');

        return new self($limits, array_keys(array_filter($waxed)));
    }


    /**
     * @param float $lost     percent of the spray, true soap as bought, that hardness takes
     * @param float $takes    the same that it would take if there were enough
     * @param float $hardness mg/L as CaCO3 that was reckoned with
     * @param list<string>|null $for what it is for; null where nobody says
     *
     * @return list<Verdict>
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function verdicts(Strengths $strengths, Target $target, float $lost, float $takes, float $hardness, bool $assumed, ?array $for = null): array
    {
        if ($target->use === RecipeUse::Stock) {
            return [];
        }
        $free = max(0.0, $strengths->percent(Substance::TrueSoap) - $lost);
        $water = ['hardness' => $hardness, 'takes' => $takes, 'water' => $assumed ? Say::it('safety/weak-judge.reckoned-with-because-nobody-said') : ''];

        return array_values(array_filter([
            $this->soapIsWhatKills($strengths) ? $this->soap($free, $strengths, $water) : null,
            $this->weak(Finding::WeakDetergent, $this->detergentIsWhatKills($strengths) ? $strengths->percent(Substance::Detergent) : 0.0),
            // Weak alcohol fails on wax alone: common practice, no source.
            $this->weak($for === null || array_intersect($for, $this->waxed) !== [] ? Finding::WeakAlcohol : Finding::WeakAlcoholSoft, $strengths->in(SubstanceGroup::Alcohol)),
            $this->weak(Finding::WeakSoda, $strengths->in(SubstanceGroup::Soda)),
            ...($this->somethingKills($strengths, $free) ? [] : [
                $this->oils($strengths),
                $this->weak(Finding::WeakEssentialOil, $strengths->in(SubstanceGroup::Essential)),
            ]),
        ]));
    }

    /** @param float $free percent of the spray, true soap as bought, that hardness leaves */
    public function soapIsEnough(float $free): bool
    {
        return $free >= $this->least('soap') * (1 - Ceiling::ROUNDING);
    }

    private function soapIsWhatKills(Strengths $strengths): bool
    {
        $soap = $strengths->percent(Substance::TrueSoap);
        if ($soap <= 0.0 || $this->hasOther($strengths)) {
            return false;
        }

        return self::plainOil($strengths) > 0.0 ? $soap >= $this->least('soap') : ! self::isAgainstFungus($strengths);
    }

    private function detergentIsWhatKills(Strengths $strengths): bool
    {
        return ! $this->hasOther($strengths) && self::plainOil($strengths) <= 0.0 && ! self::isAgainstFungus($strengths) && $strengths->percent(Substance::TrueSoap) <= 0.0;
    }

    private function hasOther(Strengths $strengths): bool
    {
        return $strengths->percent(Substance::Alcohol, Substance::Neem, Substance::EssentialOil) > 0.0;
    }

    private static function plainOil(Strengths $strengths): float
    {
        return $strengths->percent(Substance::RefinedOil, Substance::KitchenOil);
    }

    private static function isAgainstFungus(Strengths $strengths): bool
    {
        return $strengths->percent(Substance::Soda, Substance::Peroxide) > 0.0;
    }

    private function somethingKills(Strengths $strengths, float $free): bool
    {
        return ($this->soapIsWhatKills($strengths) && $this->soapIsEnough($free))
            || ($this->detergentIsWhatKills($strengths) && $strengths->percent(Substance::Detergent) >= $this->least('detergent'))
            || $strengths->in(SubstanceGroup::Alcohol) >= $this->least('alcohol')
            || $strengths->in(SubstanceGroup::Soda) >= $this->least('soda')
            || $strengths->in(SubstanceGroup::Peroxide) > 0.0
            || $strengths->in(SubstanceGroup::Essential) >= $this->least('essential-oil')
            || self::plainOil($strengths) / $this->least('oil') + $strengths->percent(Substance::Neem) / $this->least('neem') >= 1.0 - Ceiling::ROUNDING;
    }

    private function oils(Strengths $strengths): ?Verdict
    {
        $plain = self::plainOil($strengths);

        return $plain > 0.0 ? $this->weak(Finding::WeakOil, $plain) : $this->weak(Finding::WeakNeem, $strengths->percent(Substance::Neem));
    }

    /** @param array<string, float|string> $water */
    private function soap(float $free, Strengths $strengths, array $water): Verdict
    {
        $limit = $this->limits->get('weak-soap');
        $onlySoap = self::plainOil($strengths) <= 0.0;
        $args = ['percent' => $strengths->percent(Substance::TrueSoap), 'free' => $free, 'limit' => $limit->value, 'needed' => $limit->value + (float) $water['takes'], ...$water];

        return match (true) {
            $free >= $limit->value * (1 - Ceiling::ROUNDING) => Verdict::of(Finding::ActiveSoap, $args, $limit->source),
            $onlySoap && $free < $this->limits->get('weak-soap-water')->value => Verdict::of(Finding::WeakSoapWater, $args, $limit->source),
            default => Verdict::of(Finding::WeakSoap, $args, $limit->source),
        };
    }

    /** To the tenth: what is said is enough. */
    private static function roundUp(float $times): float
    {
        $step = SafetyLines::TIMES_STEP['value'];

        return ceil($times / $step) * $step;
    }

    private function weak(Finding $finding, float $percent): ?Verdict
    {
        $limit = $this->limits->get($finding->code());

        return $percent > 0.0 && $percent < $limit->value * (1 - Ceiling::ROUNDING)
            ? Verdict::of($finding, ['percent' => $percent, 'limit' => $limit->value, 'times' => self::roundUp($limit->value / $percent)], $limit->source)
            : null;
    }

    private function least(string $what): float
    {
        return $this->limits->get("weak-{$what}")->value;
    }
}
