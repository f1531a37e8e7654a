<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Safety\Verdict;

/**
 * May this spray go on this plant now? The one place that says so, for every screen and document. It is asked of harm alone: whether the spray
 * is too weak to work, holds its oil, or can be measured is said of the mix, wherever it goes.
 */
final readonly class Gate
{
    /** @param list<Rule> $rules in the order in which they are told */
    private function __construct(private array $rules, private PlaceRule $place, private PickRule $picking) {}

    public static function of(Limits $limits, ToleranceCatalogue $classes): self
    {
        $place = new PlaceRule();
        $picking = PickRule::of($limits);

        return new self([
            $place,
            new StrengthRule($limits),
            new StateRule(new Ceilings($limits), $classes),
            new AirRule($limits),
            $picking,
            new RepeatRule($limits),
            new ApartRule(),
            new TrialRule(),
            new WaterRule($limits),
            new BottleRule(),
            new BurnRule(),
            new ProofRule(),
        ], $place, $picking);
    }

    public static function shipped(): self
    {
        return self::of(Limits::shipped(), ToleranceCatalogue::shipped());
    }

    /**
     * @return list<Verdict> one a question asked, `ok` ones too
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function verdicts(Question $question): array
    {
        if ($question->spray->use === RecipeUse::Stock) {
            return [Verdict::of(Finding::StockOnly)];
        }
        $verdicts = array_merge(...array_map(static fn(Rule $rule): array => $rule->verdicts($question), $this->rules));
        $proven = ProofRule::found($question)?->isProven() === true;

        // Leaves that bore this very spray say more than what its kind is known for.
        return array_values(array_filter($verdicts, static fn(Verdict $verdict): bool => ! $proven || ! $verdict->finding->givesWayToProof()));
    }

    /** @throws UnknownLimit when the catalogue of limits lacks a row */
    public function answer(Question $question): Answer
    {
        return new Answer($this->verdicts($question), Cautions::of($question), $this->picking->days($question), ProofRule::found($question));
    }

    /** Why it may not go there at any strength; null where it may. */
    public function misplaced(Question $question): ?Verdict
    {
        return $this->place->misplaced($question);
    }
}
