<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\Stage;
use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Trouble\TroubleKind;

/** Why a spray is not for what is sprayed here, or not for this house. What the plant bears is the gate's to say. */
final readonly class Bearing
{
    /** Ways in which soap is what kills. */
    private const SOAPS = ['soap', 'detergent'];

    /** Ways in which soda is what works. */
    private const SODAS = ['soda', 'soda-with-oil'];

    public function __construct(private Formulator $formulator) {}

    /** @return list<Reason> none when it may be used */
    public function exclusions(Recipe $recipe, Practice $practice, Situation $situation): array
    {
        return [...self::place($recipe, $practice, $situation->plant, $situation->trouble->kind === TroubleKind::Soil), ...$this->leaf($recipe, $practice, $situation->plant), ...($situation->cats && in_array(Substance::EssentialOil, $this->kinds($recipe), true) ? [new Reason(ChoiceFinding::Cats)] : [])];
    }

    /** @return list<Reason> why what works in it on this is no reason to take it */
    public static function besides(Practice $practice, Situation $situation): array
    {
        $isFor = $situation->trouble->kind === TroubleKind::Fungus || in_array($situation->trouble->slug, $practice->method->against, true);

        return $isFor || array_intersect($practice->ways, self::SODAS) === [] ? [] : [new Reason(ChoiceFinding::SodaForNothing)];
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

    /**
     * Why it is not for what is sprayed here: leaves, bare wood, soil.
     *
     * @param bool $soil whether what is fought lives in it
     *
     * @return list<Reason> none where it is
     */
    public static function place(Recipe $recipe, Practice $practice, PlantNow $plant, bool $soil): array
    {
        return array_values(array_filter([
            $recipe->use === RecipeUse::Drench && $plant->isBare() ? new Reason(ChoiceFinding::DrenchOnLeaf) : null,
            $practice->onlyWhereNothingGrows && ! $plant->isEmptyBed() ? new Reason(ChoiceFinding::DrenchPlanted) : null,
            $recipe->use !== RecipeUse::Drench && ($soil || $plant->isSoilOnly()) ? new Reason(ChoiceFinding::SprayOnSoil) : null,
            $recipe->use === RecipeUse::Dormant && ! $plant->isBare() ? new Reason(ChoiceFinding::WinterOnly) : null,
            $recipe->use === RecipeUse::Foliar && $plant->isBare() ? new Reason(ChoiceFinding::LeavesOnly) : null,
        ]));
    }

    /**
     * What is not chosen for such a plant while something else works, though it may go on with care.
     *
     * @return list<Reason>
     */
    private function leaf(Recipe $recipe, Practice $practice, PlantNow $plant): array
    {
        $kinds = $this->kinds($recipe);
        $alcohol = in_array(Substance::Alcohol, $kinds, true);
        $oily = array_filter($kinds, static fn(Substance $one): bool => $one->isOily()) !== [];

        return array_values(array_filter([
            $alcohol && $plant->wiltsByAlcohol() ? new Reason(ChoiceFinding::HairyAlcohol) : null,
            $plant->stage === Stage::Seedling && ($oily || $alcohol) ? new Reason(ChoiceFinding::Seedling) : null,
            $plant->isSoapSensitive() && array_intersect($practice->ways, self::SOAPS) !== [] ? new Reason(ChoiceFinding::SoapSensitive) : null,
        ]));
    }
}
