<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Choice\EffectCatalogue;
use IdleMixer\Core\Data\SafetyLines;
use IdleMixer\Core\Gate\Gate;
use IdleMixer\Core\Gate\KeepsOff;
use IdleMixer\Core\Gate\PlantHad;
use IdleMixer\Core\Gate\Question;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Method\Method;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Schedule\Biology;
use IdleMixer\Core\Schedule\FairLook;
use IdleMixer\Core\Schedule\InTurn;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleKind;

/** What of a recipe the days of a course depend on. */
final readonly class CourseMethods
{
    public function __construct(private RecipeCatalogue $shipped, private EffectCatalogue $effects, private FairLook $fairLook, private Formulator $formulator, private Gate $gate, private ToleranceCatalogue $classes) {}

    public static function shipped(): self
    {
        return new self(RecipeCatalogue::shipped(), EffectCatalogue::shipped(), FairLook::shipped(), new Formulator(), Gate::shipped(), ToleranceCatalogue::shipped());
    }

    /**
     * @param string|null $stage  of the trouble; null where nobody said, and any counts
     * @param float       $factor multiplies what is in it; above 0
     */
    public function of(Recipe $recipe, ?Trouble $trouble, ?string $stage, PlantNow $plant, bool $highEnd = false, float $factor = 1.0): CourseMethod
    {
        $mixture = $this->formulator->onBasis($recipe, $highEnd);
        $mixture = $factor === 1.0 ? $mixture : new Mixture($mixture->water, $mixture->times($factor)->parts, $mixture->pours);
        $practice = $this->shipped->practiceOf($recipe);
        $effects = [];
        if ($trouble !== null) {
            foreach ($stage === null ? $trouble->stages : [$stage] as $one) {
                $effects = [...$effects, ...$this->effects->of($trouble, $one, $practice->ways)];
            }
        }

        $question = $this->question($mixture, $recipe, $practice, $factor, $plant);

        return new CourseMethod($recipe, $practice->method, $mixture, Target::of($recipe->use, $plant->leaf), $practice->ways[0] ?? '', $effects, $plant->isSaid() ? $this->gate->answer($question)->barredBy() : null, KeepsOff::bees($question), KeepsOff::thirst($question));
    }

    /**
     * The spray in its turn: its days at that pressure, slower in the cold, and what of it a leaf gets.
     *
     * @param float|null $celsius   mean of day and night; null where nobody said
     * @param int|null   $everyDays that the gardener wants
     */
    public function inTurn(CourseMethod $one, Pressure $pressure, ?Trouble $trouble, ?Biology $biology = null, ?float $celsius = null, ?int $everyDays = null): InTurn
    {
        return $this->made($one->recipe->slug, $one->method, $one->way, $one->mixture, $one->target, $trouble->kind ?? TroubleKind::Insect, Pacing::of($one->method, $pressure, $biology, $celsius, $everyDays, $one->mixture), $pressure);
    }

    /**
     * The same of what really was mixed.
     *
     * @param int|null $pace days between its rounds; null where it is done once
     */
    public function made(string $slug, Method $method, string $way, Mixture $mixture, Target $target, TroubleKind $on, ?int $pace, Pressure $pressure): InTurn
    {
        $strengths = Strengths::of($mixture);
        $rinsed = $method->isRinsedAt($pressure);
        $kept = $rinsed ? SafetyLines::RINSED['value'] : 1.0;
        // What was written for leaves keeps the pace of leaves wherever it goes: some of it always lands on them.
        $onLeaf = $target->surface() === Surface::Leaf || ! in_array($target->use, [RecipeUse::Drench, RecipeUse::Dormant], true);

        return new InTurn(
            $slug,
            $pace,
            $way,
            $onLeaf ? $kept * $strengths->in(SubstanceGroup::Oil) : 0.0,
            $onLeaf ? $kept * $strengths->in(SubstanceGroup::Essential) : 0.0,
            $onLeaf ? $strengths->percent(Substance::RefinedOil) : 0.0,
            $this->fairLook->of($mixture, $target->use, $this->isOnPlanted($slug), $on),
            $rinsed,
            $target->surface() === Surface::Soil,
            $target->surface() === Surface::Wood,
            $method->lastsDays,
            $method->inARowAt($pace),
            $method->thenAfter,
            $method->thenDays,
        );
    }

    /** The main way that a recipe works. */
    public function way(Recipe $recipe): string
    {
        return $this->shipped->practiceOf($recipe)->ways[0] ?? '';
    }

    private function isOnPlanted(string $slug): bool
    {
        return ! $this->shipped->has($slug) || ! $this->shipped->practice($slug)->onlyWhereNothingGrows;
    }

    private function question(Mixture $mixture, Recipe $recipe, Practice $practice, float $factor, PlantNow $plant): Question
    {
        return Question::for(SprayNow::of($mixture, $recipe->use, $practice, $factor), new Whom($plant, new PlantHad()), $this->classes);
    }
}
