<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Trouble\TroubleKind;

/** Why a spray may not be used on this plant, in this season, in this place. */
final readonly class Bearing
{
    /** Ways in which soap is what kills. */
    private const SOAPS = ['soap', 'detergent'];

    public function __construct(private Formulator $formulator) {}

    /** @return list<Reason> none when it may be used */
    public function exclusions(Recipe $recipe, Practice $practice, Situation $situation): array
    {
        $kinds = $this->kinds($recipe);
        $has = static fn(Substance ...$asked): bool => array_filter($asked, static fn(Substance $kind): bool => in_array($kind, $kinds, true)) !== [];

        return [...$this->place($recipe, $practice, $situation), ...$this->plant($recipe, $practice, $situation->plant, $has), ...($situation->cats && $has(Substance::EssentialOil) ? [new Reason(ChoiceFinding::Cats)] : [])];
    }

    /** @return list<Substance> */
    public function kinds(Recipe $recipe): array
    {
        $kinds = [];
        foreach ($this->formulator->onBasis($recipe)->parts as $part) {
            $kinds[] = $part->ingredient->substance;
        }

        return array_values(array_unique($kinds, \SORT_REGULAR));
    }

    /** @return list<Reason> */
    private function place(Recipe $recipe, Practice $practice, Situation $situation): array
    {
        $soil = $situation->trouble->kind === TroubleKind::Soil;
        $plant = $situation->plant;

        return array_values(array_filter([
            $recipe->use === RecipeUse::Drench && $plant->isBare() ? new Reason(ChoiceFinding::DrenchOnLeaf) : null,
            $practice->onlyWhereNothingGrows && ! $plant->isEmptyBed() ? new Reason(ChoiceFinding::DrenchPlanted) : null,
            $recipe->use !== RecipeUse::Drench && ($soil || $plant->isSoilOnly()) ? new Reason(ChoiceFinding::SprayOnSoil) : null,
            $recipe->use === RecipeUse::Dormant && ! $plant->isBare() ? new Reason(ChoiceFinding::WinterOnly) : null,
            $recipe->use === RecipeUse::Foliar && $plant->isBare() ? new Reason(ChoiceFinding::LeavesOnly) : null,
        ]));
    }

    /**
     * @param callable(Substance...): bool $has
     *
     * @return list<Reason>
     */
    private function plant(Recipe $recipe, Practice $practice, PlantState $plant, callable $has): array
    {
        $oily = $has(...array_filter(Substance::cases(), static fn(Substance $one): bool => $one->isOily()));
        $sprayed = $recipe->use === RecipeUse::Foliar || $recipe->use === RecipeUse::Dormant;

        return array_values(array_filter([
            $plant->hasNoOil() && $oily && $recipe->use !== RecipeUse::Drench ? new Reason(ChoiceFinding::NoOilKind) : null,
            $plant->tolerance->wiltsByAlcohol && $has(Substance::Alcohol) ? new Reason(ChoiceFinding::HairyAlcohol) : null,
            $plant->tolerance->hasBloom && $has(Substance::Detergent) ? new Reason(ChoiceFinding::WaxDetergent) : null,
            $plant->inBloom && $sprayed ? new Reason(ChoiceFinding::InBloom) : null,
            $plant->dryAtRoot && ($oily || $has(Substance::Alcohol)) && $recipe->use !== RecipeUse::Drench ? new Reason(ChoiceFinding::DryRoot, [], 'extension-oil') : null,
            $plant->seedling && ($oily || $has(Substance::Alcohol)) ? new Reason(ChoiceFinding::Seedling) : null,
            $plant->sulfurLately && $oily && $recipe->use !== RecipeUse::Drench ? new Reason(ChoiceFinding::SulfurLately, [], 'extension-oil') : null,
            $plant->soapSensitive && array_intersect($practice->ways, self::SOAPS) !== [] ? new Reason(ChoiceFinding::SoapSensitive) : null,
            $plant->eatenSoon && $has(Substance::Egg) ? new Reason(ChoiceFinding::EatenRaw) : null,
        ]));
    }
}
