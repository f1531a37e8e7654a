<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use DateTimeImmutable;
use IdleMixer\Core\Leaf\LeafTest;
use IdleMixer\Core\Leaf\LeafTestOutcome;

/** Whether a batch may go onto a plant now: its age, its stand test, and the leaf test on that plant. */
final class SprayCheck
{
    /** @return list<Verdict> */
    public static function verdicts(BatchState $batch, ?LeafTest $leafTest, DateTimeImmutable $now): array
    {
        if ($batch->madeAt === null) {
            return [new Verdict('batch', Level::Stop, 'batch-not-finished', [], 'house')];
        }
        if ($batch->discarded) {
            return [new Verdict('batch', Level::Stop, 'batch-discarded', [], 'house')];
        }

        return array_values(array_filter([
            self::age($batch->madeAt, $batch->discardAt, $now),
            $batch->standTest->isUnsteady()
                ? new Verdict('stand-test', Level::Stop, 'batch-unsteady', ['stand' => $batch->standTest->words()], 'practice')
                : null,
            self::leaves($leafTest, $now),
        ]));
    }

    private static function age(DateTimeImmutable $madeAt, ?DateTimeImmutable $discardAt, DateTimeImmutable $now): ?Verdict
    {
        if ($discardAt === null) {
            return null;
        }

        return $now > $discardAt
            ? new Verdict('batch', Level::Stop, 'batch-kept-too-long', ['hours-ago' => self::hours($discardAt, $now)], 'practice')
            : new Verdict('batch', Level::Ok, 'batch-fit', ['hours-ago' => self::hours($madeAt, $now), 'hours-left' => self::hours($now, $discardAt)], 'practice');
    }

    private static function leaves(?LeafTest $test, DateTimeImmutable $now): Verdict
    {
        if ($test === null) {
            return new Verdict('leaf-test', Level::Caution, 'leaf-test-none', [], 'practice');
        }
        $outcome = $test->outcome($now);
        $level = match ($outcome) {
            LeafTestOutcome::GoAhead => Level::Ok,
            LeafTestOutcome::Waiting, LeafTestOutcome::LookNow => Level::Caution,
            LeafTestOutcome::Weaken, LeafTestOutcome::Refuse => Level::Stop,
        };

        return new Verdict('leaf-test', $level, "leaf-test-{$outcome->value}", ['hours-left' => self::hours($now, $test->dueAt())], 'practice');
    }

    private static function hours(DateTimeImmutable $from, DateTimeImmutable $to): float
    {
        return max(0.0, ($to->getTimestamp() - $from->getTimestamp()) / 3600.0);
    }
}
