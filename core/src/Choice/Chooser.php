<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Schedule\FairLook;
use IdleMixer\Core\Source\Sourced;

/** Finds the sprays that fit pest, stage, plant, season and place, best first. */
final readonly class Chooser
{
    private Bearing $bearing;

    private Doses $doses;

    /** @param list<Recipe> $recipes */
    public function __construct(
        private array $recipes,
        private RecipeCatalogue $catalogue,
        private EffectCatalogue $effects,
        private ToleranceCatalogue $tolerance,
        private FairLook $fairLook,
        private Formulator $formulator,
    ) {
        $this->bearing = new Bearing($formulator);
        $this->doses = new Doses($formulator);
    }

    public static function shipped(): self
    {
        $catalogue = RecipeCatalogue::shipped();

        return new self(array_map($catalogue->get(...), $catalogue->slugs()), $catalogue, EffectCatalogue::shipped(), ToleranceCatalogue::shipped(), FairLook::shipped(), new Formulator());
    }

    public function choose(Situation $situation): Choice
    {
        $options = array_map(fn(Recipe $recipe): Option => $this->option($recipe, $situation), $this->recipes);
        $proposed = array_values(array_filter($options, static fn(Option $option): bool => $option->isProposed()));
        usort($proposed, static fn(Option $a, Option $b): int => $b->score <=> $a->score);

        return new Choice($proposed, array_values(array_filter($options, static fn(Option $option): bool => ! $option->isProposed())));
    }

    /** Percent v/v of oil that the plant bears as it stands; a wounded leaf bears what a wounded leaf bears. */
    public function oilLimit(PlantState $plant): ?Sourced
    {
        $limit = $plant->tolerance->oilLimit;
        $wounded = $this->tolerance->wounded()->oilLimit;

        return $plant->wounded && $plant->tolerance->surface === Surface::Leaf && $limit !== null && $wounded !== null && $wounded->value < $limit->value ? $wounded : $limit;
    }

    private function option(Recipe $recipe, Situation $situation): Option
    {
        $practice = $this->catalogue->practice($recipe->slug);
        $effects = $this->effects->of($situation->trouble, $situation->stage, $practice->ways);
        $excluded = $effects === [] ? [new Reason('no-effect')] : [];
        array_push($excluded, ...$this->bearing->exclusions($recipe, $practice, $situation));
        $limit = $this->oilLimit($situation->plant);
        $dose = $this->doses->fitting($recipe, $limit?->value, $situation->severity);
        $mixture = $this->formulator->onBasis($recipe);
        $fairLook = $this->fairLook->of($mixture)->value;
        if ($dose === null && $limit !== null) {
            $weakest = $this->doses->of($recipe);
            $excluded[] = new Reason('too-strong', ['percent' => end($weakest)->oil(), 'limit' => $limit->value], $limit->source);
        }
        if ($excluded !== [] || $effects === [] || $dose === null) {
            return new Option($recipe, $practice, $effects, null, [], [], $excluded, 0.0, $fairLook);
        }
        [$for, $against, $score] = Score::of($mixture, $practice, $situation, $effects[0], $dose, $fairLook);
        if ($situation->severity === Severity::Heavy && $limit !== null && $this->wantedMore($recipe, $dose, $situation)) {
            $against[] = new Reason('leaf-wins', ['limit' => $limit->value], $limit->source);
        }

        return new Option($recipe, $practice, $effects, $dose, $for, $against, [], $score, $fairLook);
    }

    /** Whether a heavy infestation would have taken a stronger dose than the leaf bears. */
    private function wantedMore(Recipe $recipe, Dose $dose, Situation $situation): bool
    {
        $strongest = $this->doses->fitting($recipe, null, $situation->severity);

        return $strongest !== null && $strongest->oil() > $dose->oil() * (1 + 1e-9);
    }
}
