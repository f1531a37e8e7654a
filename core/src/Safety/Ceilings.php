<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Source\Sourced;

/** The limits that a spray is held against, by what it goes onto and the season. */
final readonly class Ceilings
{
    public function __construct(private Limits $limits) {}

    /**
     * @return list<Ceiling> none for a stock
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function of(Target $target, ?Season $season = null): array
    {
        $surface = $target->surface();
        if ($target->use === RecipeUse::Stock || $surface === null) {
            return [];
        }
        if ($surface === Surface::Soil) {
            return [$this->oil($this->limits->get('oil-drench'), 'soil')];
        }
        $bare = $target->plant === null && $season !== null ? $season === Season::Dormant : $surface === Surface::Wood;
        $onto = lcfirst($target->plant->name ?? ($bare ? 'bare dormant wood' : 'leaves in season'));
        $oil = $target->plant->oilLimit ?? $this->limits->get($bare ? 'oil-dormant' : 'oil-leaf');

        return $bare ? [$this->oil($oil, $onto)] : [
            $this->oil($oil, $onto),
            $this->leaf(SubstanceGroup::Essential, $this->limits->get('essential-leaf'), $onto),
            $this->leaf(SubstanceGroup::Soap, $target->plant->soapLimit ?? $this->limits->get('soap-leaf'), $onto),
            $this->leaf(SubstanceGroup::Soda, $this->limits->get('soda-leaf'), $onto),
            $this->alcohol($target, $onto),
            $this->leaf(SubstanceGroup::Peroxide, $this->limits->get('peroxide-leaf'), $onto),
        ];
    }

    private function oil(Sourced $limit, string $onto): Ceiling
    {
        return new Ceiling(SubstanceGroup::Oil, $limit, $limit->value * $this->limits->get('oil-stop-factor')->value, $onto);
    }

    private function leaf(SubstanceGroup $what, Sourced $limit, string $onto): Ceiling
    {
        return new Ceiling($what, $limit, $this->limits->get("{$what->value}-leaf-stop")->value, $onto);
    }

    /** From the limit on, not only above it: 40 % already harms. On a swab it wets one insect, not the leaf. */
    private function alcohol(Target $target, string $onto): Ceiling
    {
        $limit = $target->plant->alcoholLimit ?? $this->limits->get('alcohol-leaf');
        $swab = $target->use === RecipeUse::Spot && $target->plant === null;

        return new Ceiling(SubstanceGroup::Alcohol, $limit, 0.0, $onto, below: true, worst: $swab ? Level::Caution : Level::Stop);
    }
}
