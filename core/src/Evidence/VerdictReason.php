<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/** Why a record has the verdict that it has. */
enum VerdictReason: string
{
    case FewRounds = 'few-rounds';
    /** It came down, but no further than it may have by itself. */
    case ByItself = 'by-itself';
    case DoesNothing = 'does-nothing';
    /** Pruned, wiped or hosed each time: who did it? */
    case OnlyWithHand = 'only-with-hand';
    case Burns = 'burns';
    case Helps = 'helps';
    case Works = 'works';

    /** Key of the source of the line that it hangs on. */
    public function source(): string
    {
        return match ($this) {
            self::FewRounds => EvidenceLines::FEW_ROUNDS['source'],
            self::ByItself => EvidenceLines::CLEAR_FROM['source'],
            self::DoesNothing => EvidenceLines::HELPED_FROM['source'],
            self::OnlyWithHand, self::Helps, self::Works => EvidenceLines::KEEP_FROM['source'],
            self::Burns => EvidenceLines::BURNT_TOO_OFTEN['source'],
        };
    }

    public function verdict(): RecordVerdict
    {
        return match ($this) {
            self::FewRounds, self::ByItself => RecordVerdict::NotEnough,
            self::DoesNothing => RecordVerdict::Drop,
            self::OnlyWithHand, self::Burns, self::Helps => RecordVerdict::Tune,
            self::Works => RecordVerdict::Keep,
        };
    }
}
