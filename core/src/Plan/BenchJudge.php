<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Emulsion\Contents;
use IdleMixer\Core\Emulsion\Emulsifier;
use IdleMixer\Core\Emulsion\EmulsionVerdict;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Safety\Judge;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Safety\VesselJudge;
use IdleMixer\Core\Safety\WeakJudge;

/** What the bench says of a mixture before a spoon is looked at: the same for a plan as for a choice. */
final readonly class BenchJudge
{
    public function __construct(private Judge $judge, private WeakJudge $weak, private VesselJudge $vessel, private Emulsifier $emulsifier) {}

    public static function of(Limits $limits, Emulsifier $emulsifier): self
    {
        return new self(new Judge($limits), new WeakJudge($limits), new VesselJudge($limits), $emulsifier);
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
            ...$this->judge->verdicts($strengths, $bench->target, $bench->circumstances),
            ...$this->weak->verdicts($strengths, $bench->target, $lost, $this->emulsifier->lossPerLitre($hardness) * 100.0 / 1000.0, $hardness, $bench->water->hardness === null),
            ...$this->vessel->verdicts($strengths, $bench->water->temperature?->celsius()),
        ];
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
