<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Evidence\Unsprayed;
use IdleMixer\Core\Words\Say;

/** Says when a plant that is left alone is worth having. */
final class ComparisonWords
{
    private const WEEK = 7.0;

    /** Empty where the pest does not go by itself. */
    public static function of(Unsprayed $unsprayed): string
    {
        [$least] = $unsprayed->after(self::WEEK);

        return $least > EvidenceLines::WORTH_COMPARING['value'] ? '' : Say::it('wording/comparison-words.may-go-by-itself-in', ['round' => (int) round(100.0 * $least)]);
    }
}
