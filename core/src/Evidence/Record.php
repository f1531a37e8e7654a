<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/** What one spray did to one pest, over all its rounds. */
final readonly class Record
{
    /**
     * @param list<RoundEffect> $effects   one a round, or a programme that is judged as one; earliest first within each case
     * @param Unsprayed    $unsprayed what the pest does by itself
     * @param Prior        $prior     what its family is thought to do
     * @param Clumping     $clumping  how the pest sits in this garden
     * @param int          $leafTests leaf tests that were read to the end
     * @param int          $burned    of these, how many left marks
     */
    public function __construct(
        public array $effects,
        public Unsprayed $unsprayed,
        public Prior $prior,
        private Clumping $clumping,
        public int $leafTests = 0,
        public int $burned = 0,
    ) {}

    /** @return list<RoundEffect> */
    public function judged(): array
    {
        return $this->those(static fn(RoundEffect $effect): bool => $effect->isJudged());
    }

    public function rounds(): int
    {
        return array_sum(array_map(static fn(RoundEffect $effect): int => $effect->rounds, $this->effects));
    }

    public function worked(): int
    {
        return count($this->those(static fn(RoundEffect $effect): bool => $effect->outcome === Outcome::Worked));
    }

    public function compared(): int
    {
        return count($this->those(static fn(RoundEffect $effect): bool => $effect->isCompared()));
    }

    /** Rounds where something else was done the same day. */
    public function withHandWork(): int
    {
        return count($this->those(static fn(RoundEffect $effect): bool => $effect->handWork));
    }

    /** Rounds that went without proof. */
    public function unproven(): int
    {
        return count($this->those(static fn(RoundEffect $effect): bool => $effect->unproven));
    }

    /** Rounds after which leaves burnt. */
    public function burntAfter(): int
    {
        return count($this->those(static fn(RoundEffect $effect): bool => $effect->burnt));
    }

    /** The shares of rounds that would really work, as far as these tell; null with none judged. */
    public function interval(): ?Interval
    {
        return TrueShare::of($this->effects, $this->clumping);
    }

    /** The middle percent down of the judged rounds; null with none judged. */
    public function medianReduction(): ?float
    {
        return Middle::of(array_map(static fn(RoundEffect $effect): float => $effect->reduction ?? 0.0, $this->judged()));
    }

    /** By how much it brings the pest down, over its cases; null with none judged. */
    public function estimate(): ?Estimate
    {
        return Pooled::of($this->effects, $this->clumping);
    }

    /** Percent down, with few cases moved towards what its family does. */
    public function shrunk(): float
    {
        return Kept::percent($this->shrunkLog());
    }

    /** Natural logarithm of the share that it is thought to leave, with few cases moved towards what its family does. */
    public function shrunkLog(): float
    {
        return $this->prior->shrunk(Pooled::means($this->effects));
    }

    /** Rounds of a case until one worked, in the middle of the cases where one did; null where none did. */
    public function roundsNeeded(): ?float
    {
        $sprayed = [];
        $needed = [];
        foreach ($this->effects as $effect) {
            $case = "case {$effect->case}";
            $sprayed[$case] = ($sprayed[$case] ?? 0) + $effect->rounds;
            if ($effect->outcome === Outcome::Worked) {
                $needed[$case] ??= (float) $sprayed[$case];
            }
        }

        return Middle::of(array_values($needed));
    }

    /** How sure its effect is: by the width of its interval, as far as that lies above nothing. */
    public function sureness(): Sureness
    {
        $estimate = $this->estimate();
        if ($estimate === null) {
            return Sureness::None;
        }
        $width = max(0.0, $estimate->high) - max(0.0, $estimate->low);

        return match (true) {
            count($this->judged()) < EvidenceLines::FEW_ROUNDS['value'], $width > EvidenceLines::HARDLY_SURE['value'] => Sureness::Hardly,
            $width > EvidenceLines::SURE['value'] => Sureness::Fairly,
            default => Sureness::Sure,
        };
    }

    public function verdict(): RecordVerdict
    {
        return $this->reason()->verdict();
    }

    /** The rule, in order; the first that holds is the reason. */
    public function reason(): VerdictReason
    {
        $judged = count($this->judged());
        $own = count($this->those(static fn(RoundEffect $effect): bool => $effect->isOwn()));

        return match (true) {
            $judged < EvidenceLines::FEW_ROUNDS['value'] => VerdictReason::FewRounds,
            ($this->medianReduction() ?? 0.0) < EvidenceLines::HELPED_FROM['value'] && $this->shrunk() < EvidenceLines::DROP_SHRUNK['value'] => VerdictReason::DoesNothing,
            $this->worked() < EvidenceLines::KEEP_FROM['value'] * $judged || $this->shrunk() < EvidenceLines::KEEP_SHRUNK['value'] => VerdictReason::Helps,
            // What was brushed and pruned each time cannot thank the spray.
            $own === 0 => VerdictReason::OnlyWithHand,
            $this->clear() < EvidenceLines::KEEP_FROM['value'] * $judged || $this->wentAlone() > $this->compared() => VerdictReason::ByItself,
            $this->burntAfter() >= EvidenceLines::BURNT_TOO_OFTEN['value'] * $this->rounds() => VerdictReason::Burns,
            default => VerdictReason::Works,
        };
    }

    /**
     * What it is ranked by, best lowest: the natural logarithm of the share that it is thought to leave, with what burn costs.
     * A spray that was never tried is worth what its family is.
     */
    public function score(): float
    {
        return $this->shrunkLog()
            + EvidenceLines::BURN_COSTS['value'] * $this->burntAfter() / ($this->rounds() + EvidenceLines::BURN_DOUBT['value']);
    }

    /** Rounds where the plant left alone lost as much by itself. */
    public function wentAlone(): int
    {
        return count($this->those(static fn(RoundEffect $effect): bool => $effect->outcome === Outcome::ControlFell));
    }

    /** Judged rounds that did more than the pest may do by itself. */
    public function clear(): int
    {
        return count($this->those(fn(RoundEffect $effect): bool => $effect->isJudged() && $effect->isClear($this->unsprayed, EvidenceLines::CLEAR_FROM['value'])));
    }

    /**
     * @param callable(RoundEffect): bool $which
     *
     * @return list<RoundEffect>
     */
    private function those(callable $which): array
    {
        return array_values(array_filter($this->effects, $which));
    }
}
