<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/** What to do with the next batch of a spray, by what the last ones did. */
enum NextBatch: string
{
    case Same = 'same';
    case CountMore = 'count-more';
    case Compare = 'compare';
    case AnotherWay = 'another-way';
    case WithoutHand = 'without-hand';
    case Weaker = 'weaker';
    case AsWhereItWorked = 'as-where-it-worked';
    /** It takes most, and some are left between two rounds. */
    case Oftener = 'oftener';
    case Stronger = 'stronger';
    /** Of what was bought, no dose is ever advised. */
    case ByItsLabel = 'by-its-label';

    /** The same of what nobody mixed here. */
    public static function ofBought(RecordFacts $record): self
    {
        $next = self::of($record, []);

        return match ($next) {
            self::Same, self::Oftener, self::Stronger, self::AsWhereItWorked => self::ByItsLabel,
            self::Weaker => self::AnotherWay,
            self::ByItsLabel, self::CountMore, self::Compare, self::AnotherWay, self::WithoutHand => $next,
        };
    }

    /** @param list<Association> $went those that stand: what went with success or failure */
    public static function of(RecordFacts $record, array $went): self
    {
        return match ($record->reason) {
            VerdictReason::FewRounds => self::CountMore,
            VerdictReason::ByItself => self::Compare,
            VerdictReason::DoesNothing => self::AnotherWay,
            VerdictReason::OnlyWithHand => self::WithoutHand,
            VerdictReason::Burns => self::Weaker,
            VerdictReason::Works => self::Same,
            VerdictReason::Helps => match (true) {
                $went !== [] => self::AsWhereItWorked,
                ($record->median ?? 0.0) >= EvidenceLines::NEARLY['value'] => self::Oftener,
                default => self::Stronger,
            },
        };
    }
}
