<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

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
