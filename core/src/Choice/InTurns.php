<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Data\SafetyLines;
use IdleMixer\Core\Gate\Gate;
use IdleMixer\Core\Gate\Question;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Schedule\FairLook;
use IdleMixer\Core\Schedule\InTurn;
use IdleMixer\Core\Schedule\ProgrammeCatalogue;
use IdleMixer\Core\Trouble\TroubleKind;

/** What of a recipe the days of a programme depend on. */
final readonly class InTurns
{
    private const UNKNOWN_WAY = 'own';

    public function __construct(private RecipeCatalogue $shipped, private ProgrammeCatalogue $programmes, private FairLook $fairLook, private Formulator $formulator, private Gate $gate) {}

    public static function shipped(): self
    {
        return new self(RecipeCatalogue::shipped(), ProgrammeCatalogue::shipped(), FairLook::shipped(), new Formulator(), Gate::shipped());
    }

    public function of(Recipe $recipe, ProgrammeAsk $ask): InTurn
    {
        return $this->made($recipe->slug, self::stronger($this->formulator->onBasis($recipe), $ask->factor), Target::of($recipe->use, $ask->plant), $ask->trouble->kind);
    }

    /** The same of what really was mixed. */
    public function made(string $slug, Mixture $mixture, Target $target, TroubleKind $on): InTurn
    {
        $strengths = Strengths::of($mixture);
        $practice = $this->shipped->has($slug) ? $this->shipped->practice($slug) : null;
        $rinsed = $practice !== null && $practice->rinsed;
        $kept = $rinsed ? SafetyLines::RINSED['value'] : 1.0;
        // What was written for leaves keeps the pace of leaves wherever it goes: some of it always lands on them.
        $onLeaf = $target->surface() === Surface::Leaf || ! in_array($target->use, [RecipeUse::Drench, RecipeUse::Dormant], true);

        return new InTurn(
            $slug,
            $this->shipped->repeatDays($slug),
            $practice->ways[0] ?? self::UNKNOWN_WAY,
            $onLeaf ? $kept * $strengths->in(SubstanceGroup::Oil) : 0.0,
            $onLeaf ? $kept * $strengths->in(SubstanceGroup::Essential) : 0.0,
            $onLeaf ? $strengths->percent(Substance::RefinedOil) : 0.0,
            $this->fairLook->of($mixture, $target->use, $practice === null || ! $practice->onlyWhereNothingGrows, $on),
            $rinsed,
            $target->surface() === Surface::Soil,
            $target->surface() === Surface::Wood,
            $this->programmes->lasts($slug),
            $this->programmes->rounds($slug),
        );
    }

    /** What stops it on that plant; null where nothing does, or nobody said which plant. */
    public function barred(Recipe $recipe, ProgrammeAsk $ask): ?Verdict
    {
        if ($ask->plant === null) {
            return null;
        }
        $practice = $this->shipped->has($recipe->slug) ? $this->shipped->practice($recipe->slug) : null;
        $spray = SprayNow::of(self::stronger($this->formulator->onBasis($recipe), $ask->factor), $recipe->use, $practice, $ask->factor);
        foreach ($this->gate->verdicts(Question::onto($spray, Target::of($recipe->use, $ask->plant), new Circumstances())) as $verdict) {
            if ($verdict->level === Level::Stop) {
                return $verdict;
            }
        }

        return null;
    }

    /** The same water with so many times as much in it. */
    private static function stronger(Mixture $mixture, float $factor): Mixture
    {
        return $factor === 1.0 ? $mixture : new Mixture($mixture->water, $mixture->times($factor)->parts, $mixture->pours);
    }
}
