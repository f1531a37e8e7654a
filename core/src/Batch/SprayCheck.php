<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use IdleMixer\Core\Leaf\Proof;
use IdleMixer\Core\Leaf\ProofFinding;
use IdleMixer\Core\Leaf\ProofOutcome;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Safety\Verdict;

/** Whether a batch may go onto a plant now: its age, its stand test, and what is proven on that kind of plant. */
final class SprayCheck
{
    /**
     * @param Composition|null $spray what is in it; null where nobody knows
     * @param Proof            $proof of the plant and those of its kind
     *
     * @return list<Verdict>
     */
    public static function verdicts(BatchState $batch, Target $target, ?Composition $spray, Proof $proof, DateTimeImmutable $now): array
    {
        if ($batch->madeAt === null) {
            return [Verdict::of(Finding::BatchNotFinished)];
        }
        if ($batch->discarded) {
            return [Verdict::of(Finding::BatchDiscarded)];
        }

        return array_values(array_filter([
            self::age($batch->madeAt, $batch->discardAt, $now),
            $batch->standTest->isUnsteady()
                ? Verdict::of(Finding::BatchUnsteady, ['stand' => $batch->standTest->words()])
                : null,
            self::needsProof($target) ? self::leaves($spray, $proof, $now) : null,
        ]));
    }

    /** What is poured wets no leaf, bare wood has none, and a swab touches single insects. */
    public static function needsProof(Target $target): bool
    {
        return $target->surface() === Surface::Leaf && $target->use !== RecipeUse::Spot;
    }

    /** What the leaf tests of this kind of plant say of a spray. */
    public static function leaves(?Composition $spray, Proof $proof, DateTimeImmutable $now): Verdict
    {
        if ($spray === null) {
            return Verdict::of(Finding::LeafTestUnknown);
        }
        $found = $proof->of($spray, $now);

        return Verdict::of(self::finding($found), self::args($found, $spray, $now));
    }

    private static function finding(ProofFinding $found): Finding
    {
        return match ($found->outcome) {
            ProofOutcome::None => Finding::LeafTestNone,
            ProofOutcome::Stronger => Finding::LeafTestStronger,
            ProofOutcome::Waiting => Finding::LeafTestWaiting,
            ProofOutcome::LookNow => Finding::LeafTestLookNow,
            ProofOutcome::LookAgain => Finding::LeafTestLookAgain,
            ProofOutcome::GoAhead => $found->rounds > 0 ? Finding::LeafTestGoAheadAndRounds : Finding::LeafTestGoAhead,
            ProofOutcome::Weaken => Finding::LeafTestWeaken,
            ProofOutcome::Refuse => Finding::LeafTestRefuse,
        };
    }

    /** @return array<string, float> */
    private static function args(ProofFinding $found, Composition $spray, DateTimeImmutable $now): array
    {
        if ($found->by === null) {
            return [];
        }
        $said = $found->by->test->saidAt();

        return [
            'hours-left' => self::hours($now, $found->by->test->dueAt()),
            ...($said === null ? [] : ['hours-ago' => self::hours($said, $now)]),
            ...($found->outcome === ProofOutcome::GoAhead ? ['leaves' => (float) $found->leaves, 'clean-rounds' => (float) $found->rounds, 'burn-bound' => 100.0 * $found->mayStillBurn()] : []),
            ...($found->outcome === ProofOutcome::Stronger ? ['times' => $spray->times($found->by->spray)] : []),
        ];
    }

    private static function age(DateTimeImmutable $madeAt, ?DateTimeImmutable $discardAt, DateTimeImmutable $now): ?Verdict
    {
        if ($discardAt === null) {
            return null;
        }

        return $now > $discardAt
            ? Verdict::of(Finding::BatchKeptTooLong, ['hours-ago' => self::hours($discardAt, $now)])
            : Verdict::of(Finding::BatchFit, ['hours-ago' => self::hours($madeAt, $now), 'hours-left' => self::hours($now, $discardAt)]);
    }

    private static function hours(DateTimeImmutable $from, DateTimeImmutable $to): float
    {
        return max(0.0, ($to->getTimestamp() - $from->getTimestamp()) / 3600.0);
    }
}
