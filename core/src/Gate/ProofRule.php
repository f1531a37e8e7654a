<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use DateTimeImmutable;
use IdleMixer\Core\Leaf\ProofFinding;
use IdleMixer\Core\Leaf\ProofOutcome;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Verdict;

/** What leaf tests and rounds say of a spray on this kind of plant. Common practice, no source. */
final readonly class ProofRule implements Rule
{
    public function verdicts(Question $question): array
    {
        $whom = $question->whom;
        $found = self::found($question);
        if ($whom?->now === null || $found === null) {
            return [];
        }
        $verdict = self::verdict($found, self::known($question->spray), $whom->now);

        // What is not there to be sprayed is not asked what was tested.
        if ($question->spray->bottle !== null && ($question->spray->bottle->isGone || $question->spray->bottle->ageHours === null)) {
            return [];
        }
        // What is poured wets no leaf, bare wood has none, and a swab touches single insects: there only what burnt counts.
        if (! $question->wetsLeaves()) {
            return $verdict->level === Level::Stop ? [$verdict] : [];
        }

        return $question->plant->isRare && ! $found->isProven() ? [$verdict, Verdict::of(Finding::RarePlant)] : [$verdict];
    }

    /** Null where no plant is meant. */
    public static function found(Question $question): ?ProofFinding
    {
        $whom = $question->whom;

        return $whom?->proof === null || $whom->now === null ? null : $whom->proof->of(self::known($question->spray), $whom->now, $question->spray->bottle->name ?? '', $question->spray->grades);
    }

    /** What is surely in it; null where nobody knows. */
    private static function known(SprayNow $spray): ?Composition
    {
        return $spray->bottle?->isKnown === false ? null : $spray->composition;
    }

    /** @param Composition|null $spray null where nobody knows what is in it */
    public static function verdict(ProofFinding $found, ?Composition $spray, DateTimeImmutable $now): Verdict
    {
        return Verdict::of(self::finding($found, $spray === null), self::args($found, $spray, $now));
    }

    private static function finding(ProofFinding $found, bool $unknown): Finding
    {
        return match ($found->outcome) {
            ProofOutcome::None => $unknown ? Finding::LeafTestUnknown : Finding::LeafTestNone,
            ProofOutcome::Stronger => Finding::LeafTestStronger,
            ProofOutcome::Faded => Finding::LeafTestFaded,
            ProofOutcome::ThisBottle => Finding::LeafTestThisBottle,
            ProofOutcome::Waiting => Finding::LeafTestWaiting,
            ProofOutcome::LookNow => Finding::LeafTestLookNow,
            ProofOutcome::LookAgain => Finding::LeafTestLookAgain,
            ProofOutcome::GoAhead => $found->rounds > 0 ? Finding::LeafTestGoAheadAndRounds : Finding::LeafTestGoAhead,
            ProofOutcome::Weaken => $found->by?->round === true ? Finding::MarkedBefore : Finding::LeafTestWeaken,
            ProofOutcome::Refuse => $found->by?->round === true ? Finding::BurntBefore : Finding::LeafTestRefuse,
        };
    }

    /** @return array<string, float> */
    private static function args(ProofFinding $found, ?Composition $spray, DateTimeImmutable $now): array
    {
        if ($found->by === null) {
            return [];
        }
        $said = $found->by->test->saidAt();

        return [
            'hours-left' => self::hours($now, $found->by->test->dueAt()),
            ...($said === null ? [] : ['hours-ago' => self::hours($said, $now)]),
            ...($found->isProven() ? ['leaves' => (float) $found->leaves, 'clean-rounds' => (float) $found->rounds, 'burn-bound' => 100.0 * $found->mayStillBurn()] : []),
            ...($found->outcome === ProofOutcome::Stronger && $spray !== null && $found->by->spray !== null ? ['times' => $spray->times($found->by->spray)] : []),
        ];
    }

    private static function hours(DateTimeImmutable $from, DateTimeImmutable $to): float
    {
        return max(0.0, ($to->getTimestamp() - $from->getTimestamp()) / 3600.0);
    }
}
