<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Cupboard\FromCupboard;
use IdleMixer\Core\Emulsion\Emulsifier;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Plan\BenchJudge;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Schedule\FairLook;

/**
 * Finds the sprays that fit pest, stage, plant, season and place, best first. Every dose is put on the bench of the case, and
 * what that stops is not proposed.
 */
final readonly class Chooser
{
    /** Key of `effects.php`. */
    private const BY_SOAP = 'soap';

    /** Ways in which soap is what kills. */
    private const SOAPS = [self::BY_SOAP, 'detergent'];

    private Bearing $bearing;

    private Doses $doses;

    /** @param list<Recipe> $recipes */
    public function __construct(
        private array $recipes,
        private RecipeCatalogue $catalogue,
        private EffectCatalogue $effects,
        private FairLook $fairLook,
        private Formulator $formulator,
        BenchJudge $judge,
        private FromCupboard $cupboards,
    ) {
        $this->bearing = new Bearing($formulator);
        $this->doses = new Doses($formulator, $judge);
    }

    public static function shipped(): self
    {
        $catalogue = RecipeCatalogue::shipped();

        return new self(
            array_map($catalogue->get(...), $catalogue->slugs()),
            $catalogue,
            EffectCatalogue::shipped(),
            FairLook::shipped(),
            new Formulator(),
            BenchJudge::of(Limits::shipped(), Emulsifier::shipped(), ToleranceCatalogue::shipped()),
            FromCupboard::shipped(),
        );
    }

    public function choose(Situation $situation): Choice
    {
        return $this->among([...$this->recipes, ...$situation->recipes], $situation);
    }

    /**
     * The same of some recipes alone: what it says of each hangs on no other.
     *
     * @param list<string> $slugs
     */
    public function of(array $slugs, Situation $situation): Choice
    {
        return $this->among(array_values(array_filter([...$this->recipes, ...$situation->recipes], static fn(Recipe $recipe): bool => in_array($recipe->slug, $slugs, true))), $situation);
    }

    /** @param list<Recipe> $recipes */
    private function among(array $recipes, Situation $situation): Choice
    {
        $options = array_map(fn(Recipe $recipe): Option => $this->option($recipe, $situation), $recipes);
        $proposed = array_values(array_filter($options, static fn(Option $option): bool => $option->isProposed()));
        usort($proposed, static fn(Option $a, Option $b): int => self::rank($b) <=> self::rank($a));

        return new Choice($proposed, array_values(array_filter($options, static fn(Option $option): bool => ! $option->isProposed())));
    }

    /**
     * What is in the house before what is not, what holds before what does not, what is strong enough before what is not, what brings no oil
     * onto oil and no soap onto copper, what worked here before and not what failed, then by what speaks for it.
     *
     * @return array{int, bool, bool, bool, int, float}
     */
    private static function rank(Option $option): array
    {
        return [-$option->missing(), $option->holds(), $option->dose?->weak() === null, ! $option->isOilAgain && ! $option->isSoapOnCopper, ($option->own?->worked() === true ? 1 : 0) - ($option->own?->failed() === true ? 1 : 0), $option->score];
    }

    private function option(Recipe $recipe, Situation $situation): Option
    {
        $practice = $this->catalogue->practiceOf($recipe);
        $stocked = $situation->cupboard === null ? null : $this->cupboards->of($recipe, $practice, $situation->cupboard);
        $recipe = $stocked->recipe ?? $recipe;
        $effects = $this->effects->of($situation->trouble, $situation->stage, $practice->ways);
        $mixture = $this->formulator->onBasis($recipe);
        $fairLook = $this->fairLook->of($mixture, $recipe->use, ! $situation->plant->isEmptyBed(), $situation->trouble->kind)->judged->value;
        $excluded = [...($effects === [] ? [new Reason(ChoiceFinding::NoEffect)] : Bearing::besides($practice, $situation)), ...$this->bearing->exclusions($recipe, $practice, $situation)];
        if ($excluded !== [] || $effects === []) {
            return new Option($recipe, $practice, $effects, null, [], [], $excluded, 0.0, $fairLook, $stocked);
        }
        $doses = $this->doses->of($recipe, $practice, $situation);
        $dose = Doses::best($doses);
        if ($dose === null) {
            $stop = $doses[count($doses) - 1]->stop();

            return new Option($recipe, $practice, $effects, null, [], [], $stop === null ? [] : [Reason::ofBench($stop)], 0.0, $fairLook, $stocked);
        }
        // A little soap that holds the oil or wets the wax kills nothing by itself.
        $effects = $dose->soapKills ? $effects : array_values(array_filter($effects, static fn(Effect $effect): bool => $effect->way !== self::BY_SOAP));
        if ($effects === []) {
            return new Option($recipe, $practice, [], null, [], [], [new Reason(ChoiceFinding::SoapTooWeak)], 0.0, $fairLook, $stocked);
        }
        $score = Score::of($mixture, $recipe, $practice, $situation, $effects[0], $dose, $fairLook, self::hindered($doses, $dose), $stocked);

        return new Option($recipe, $practice, $effects, $dose, $score->for, $score->against, [], $score->points, $fairLook, $stocked, $dose->oil() > 0.0 && $situation->hadOilLately(), $situation->hadCopperLately() && in_array($effects[0]->way, self::SOAPS, true), $situation->own[$recipe->slug] ?? null);
    }

    /**
     * What the leaf said to a stronger dose that a bad infestation asks for.
     *
     * @param non-empty-list<Dose> $doses
     */
    private static function hindered(array $doses, Dose $taken): ?Verdict
    {
        $wanted = $doses[0];

        return $wanted === $taken || $wanted->factor < $taken->factor ? null : $wanted->stop() ?? $wanted->cautions()[0] ?? null;
    }
}
