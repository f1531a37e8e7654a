<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Emulsion\Contents;
use IdleMixer\Core\Emulsion\Emulsifier;
use IdleMixer\Core\Emulsion\EmulsionVerdict;
use IdleMixer\Core\Gate\Answer;
use IdleMixer\Core\Gate\Gate;
use IdleMixer\Core\Gate\Question;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Safety\WeakJudge;

/** What the bench says of a mixture before a spoon is looked at: the same for a plan as for a choice. */
final readonly class BenchJudge
{
    public function __construct(private Gate $gate, private WeakJudge $weak, private ToleranceCatalogue $classes, private Emulsifier $emulsifier) {}

    public static function of(Limits $limits, Emulsifier $emulsifier, ToleranceCatalogue $classes): self
    {
        return new self(Gate::of($limits, $classes), WeakJudge::of($limits), $classes, $emulsifier);
    }

    /**
     * @return list<Verdict>
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function verdicts(Bench $bench, Mixture $mixture, Strengths $strengths): array
    {
        $hardness = $bench->water->hardness ?? $this->emulsifier->table()->value('hardness-assumed');
        $lost = 100.0 * $this->emulsifier->lost(Contents::of($mixture), $hardness) / max(1e-12, $mixture->finished());

        return [
            ...$this->gate->verdicts($this->question($bench, $mixture)),
            ...$this->weak->verdicts($strengths, $bench->target, $lost, $this->emulsifier->lossPerLitre($hardness) * 100.0 / 1000.0, $hardness, $bench->water->hardness === null, $bench->practice?->method->against),
        ];
    }

    /**
     * What the gate says of it, for the plant that it is for.
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function gate(Bench $bench, Mixture $mixture): Answer
    {
        return $this->gate->answer($this->question($bench, $mixture));
    }

    /** What is asked of the gate: of a plant by what it really had, of a kind of leaf by the interval of practice. */
    private function question(Bench $bench, Mixture $mixture): Question
    {
        $now = $bench->circumstances;
        $spray = SprayNow::of($mixture, $bench->recipe->use, $bench->practice, $bench->factor)->rinsed($now->rinsed === true);
        $water = $bench->water->temperature?->celsius();

        return $bench->whom === null
            ? Question::onto($spray, $bench->target, $now, $water)
            : Question::for($spray, $bench->whom->on($now), $this->classes, $now->practised ? null : $now->everyDays, $now->air, $water);
    }

    /** Whether the water leaves enough true soap free to kill by itself. */
    public function soapKills(Bench $bench, Mixture $mixture, Strengths $strengths): bool
    {
        $lost = 100.0 * $this->emulsifier->lost(Contents::of($mixture), $bench->water->hardness) / max(1e-12, $mixture->finished());

        return $this->weak->soapIsEnough($strengths->percent(Substance::TrueSoap) - $lost);
    }

    /** Whether the oil is held long enough to be sprayed, in the order of the recipe. */
    public function holds(Bench $bench, Mixture $mixture): bool
    {
        $in = Contents::of($mixture);
        if ($in->oil <= 0.0) {
            return true;
        }
        $creaming = $this->emulsifier->creaming($in, $bench->water->hardness, $bench->recipe->order, $bench->water->temperature?->celsius(), $bench->hand * $this->emulsifier->coarseness($bench->agitation));

        return EmulsionVerdict::of($this->emulsifier->reshakeSeconds($creaming)) !== EmulsionVerdict::Short;
    }
}
