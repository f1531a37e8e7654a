<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Leaf\ProofFinding;
use IdleMixer\Core\Leaf\ProofOutcome;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Verdict;

/** What the gate says, the same for every screen. */
final readonly class Answer
{
    /**
     * @param list<Verdict> $verdicts  one a question asked, `ok` ones too
     * @param list<string>  $cautions  codes of what is to be minded with this mix on this plant, the most telling first
     * @param int           $pickFrom  days until it may be picked, 0 or more
     */
    public function __construct(public array $verdicts, public array $cautions, public int $pickFrom, private ?ProofFinding $proof) {}

    public function level(): Level
    {
        return array_reduce($this->verdicts, static fn(Level $worst, Verdict $one): Level => $one->level->isWorseThan($worst) ? $one->level : $worst, Level::Ok);
    }

    /** @return list<Verdict> all that is not `ok`, the worst first */
    public function reasons(): array
    {
        $reasons = array_values(array_filter($this->verdicts, static fn(Verdict $one): bool => $one->level !== Level::Ok));
        usort($reasons, static fn(Verdict $a, Verdict $b): int => (int) $b->level->isWorseThan($a->level) - (int) $a->level->isWorseThan($b->level));

        return $reasons;
    }

    /** What a full spray waits for: what stops it, or the want of a leaf test; null where it may go. */
    public function closedBy(): ?Verdict
    {
        foreach ($this->reasons() as $reason) {
            if ($reason->level === Level::Stop || $reason->finding->isWantOfProof()) {
                return $reason;
            }
        }

        return null;
    }

    /** What stops it and does not pass by itself; null where it may go, now or later. */
    public function barredBy(): ?Verdict
    {
        return array_values(array_filter($this->reasons(), static fn(Verdict $one): bool => $one->level === Level::Stop && ! $one->finding->passes()))[0] ?? null;
    }

    /** What stops it now, first what does not pass; null where nothing does. */
    public function stoppedBy(): ?Verdict
    {
        $first = $this->reasons()[0] ?? null;

        return $this->barredBy() ?? ($first?->level === Level::Stop ? $first : null);
    }

    /** Id of the leaf test that speaks for or against it, or is waited for; null where none does. */
    public function test(): ?int
    {
        $by = $this->proof?->by;

        return $by === null || $by->round ? null : $by->ref;
    }

    /** @return 'yes'|'faded'|'no'|'this-bottle-only' */
    public function proven(): string
    {
        return match ($this->proof?->outcome) {
            ProofOutcome::GoAhead => 'yes',
            ProofOutcome::Faded => 'faded',
            ProofOutcome::ThisBottle => 'this-bottle-only',
            default => 'no',
        };
    }
}
