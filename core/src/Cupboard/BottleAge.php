<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

use IdleMixer\Core\Data\ShelfLines;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Words\Say;

/** What time does to an open bottle. Common practice, no source. */
final class BottleAge
{
    /**
     * @param float|null $days since it was opened; null where nobody said
     *
     * @return string what is to be minded when it is taken; empty where nothing is
     */
    public static function says(Bottle $bottle, ?float $days): string
    {
        return match (true) {
            $days === null || $days < 0.0 => '',
            $bottle->holds->substance === Substance::Peroxide && $days >= ShelfLines::PEROXIDE_SAID['value'] => Say::it('cupboard/bottle-age.peroxide', ['percent' => round(($bottle->percent() ?? 0.0) * ShelfLines::HALF['value'] ** ($days / ShelfLines::PEROXIDE_HALVES['value']), 1), 'days' => (int) round($days)]),
            $bottle->holds->substance === Substance::Neem && $days >= ShelfLines::NEEM_OLD['value'] => Say::it('cupboard/bottle-age.neem'),
            $bottle->holds->substance === Substance::TrueSoap && $days >= ShelfLines::SOAP_OLD['value'] => Say::it('cupboard/bottle-age.soap'),
            default => '',
        };
    }
}
