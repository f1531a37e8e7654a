<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Evidence\Unsprayed;

/** Says when a plant that is left alone is worth having. */
final class ComparisonWords
{
    private const WEEK = 7.0;

    /** Empty where the pest does not go by itself. */
    public static function of(Unsprayed $unsprayed): string
    {
        [$least] = $unsprayed->after(self::WEEK);

        return $least > EvidenceLines::WORTH_COMPARING['value'] ? '' : sprintf(
            'It may go by itself: in a week down to %d of 100 (our own figure). Leave one plant or branch unsprayed, with ten on it or more, and count that, too.',
            (int) round(100.0 * $least),
        );
    }
}
