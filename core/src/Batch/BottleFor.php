<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use IdleMixer\Core\Gate\Answer;
use IdleMixer\Core\Safety\Finding;

/** What it was mixed for, and so what comes next with it. */
enum BottleFor
{
    case Spray;
    /** A cup for the leaves of a test. */
    case LeafTest;
    /** A stock that sprays are poured from. */
    case Jar;

    public static function of(bool $leafTest, bool $stock): self
    {
        return match (true) {
            $stock => self::Jar,
            $leafTest => self::LeafTest,
            default => self::Spray,
        };
    }

    /** @param Answer|null $gate whether it may go on the plant that it was mixed for; null where none is meant */
    public function act(Bottle $bottle, ?Answer $gate, DateTimeImmutable $now): BottleAct
    {
        return match ($bottle->state($now)) {
            BottleState::Planned => $bottle->madeAt === null ? BottleAct::StartMixing : BottleAct::NextLoad,
            BottleState::Mixing => BottleAct::GoOn,
            BottleState::Mixed => $bottle->standTest->isUnsteady() ? BottleAct::Mend : BottleAct::StandTest,
            BottleState::Standing => $this->standing($gate),
            BottleState::InTheSprayer => $bottle->isWaitedFor() ? BottleAct::NextLoad : BottleAct::GoOnSpraying,
            BottleState::Rest => BottleAct::UseRest,
            BottleState::Gone => $bottle->usedUp || $bottle->discarded ? BottleAct::Nothing : BottleAct::PourOff,
        };
    }

    private function standing(?Answer $gate): BottleAct
    {
        $closed = $gate?->closedBy();

        return match (true) {
            $this === self::Jar => BottleAct::PourFrom,
            $this === self::LeafTest => BottleAct::LeafTest,
            $closed === null => BottleAct::Spray,
            $gate->barredBy() !== null => BottleAct::Hold,
            $gate->stoppedBy() !== null => BottleAct::Wait,
            $closed->finding === Finding::LeafTestWaiting => BottleAct::Wait,
            $closed->finding === Finding::LeafTestLookNow, $closed->finding === Finding::LeafTestLookAgain => BottleAct::LookAtLeaves,
            $closed->finding === Finding::LeafTestWeaken => BottleAct::Hold,
            default => BottleAct::LeafTest,
        };
    }
}
