<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Safety\About;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Verdict;

/** How strong a recipe is taken, and what the bench says of that. */
final readonly class Dose
{
    /** @param list<Verdict> $verdicts */
    public function __construct(public bool $highEnd, public float $factor, public Strengths $strengths, public array $verdicts, public bool $holds, public bool $soapKills) {}

    /** Percent v/v of all oil in the finished spray. */
    public function oil(): float
    {
        return $this->strengths->oily();
    }

    public function stop(): ?Verdict
    {
        return $this->first(static fn(Verdict $verdict): bool => $verdict->level === Level::Stop);
    }

    public function weak(): ?Verdict
    {
        return $this->first(static fn(Verdict $verdict): bool => $verdict->about() === About::Weak);
    }

    /** @return list<Verdict> what weakening would mend, and what else is to be minded; that it was not tested yet is so of most sprays, and moves none before another */
    public function cautions(): array
    {
        return array_values(array_filter($this->verdicts, static fn(Verdict $verdict): bool => $verdict->level === Level::Caution && $verdict->about() !== About::Weak && ! $verdict->finding->isWantOfProof()));
    }

    /** @param callable(Verdict): bool $which */
    private function first(callable $which): ?Verdict
    {
        foreach ($this->verdicts as $verdict) {
            if ($which($verdict)) {
                return $verdict;
            }
        }

        return null;
    }
}
