<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Plant\Kind;
use IdleMixer\Core\Words\Say;

/** Says what a kind of plant tells of all plants of it. */
final class KindWords
{
    public static function of(Kind $kind): string
    {
        $tells = array_filter([
            lcfirst($kind->leaf->name),
            $kind->bearsNoOil ? Say::it('wording/kind-words.bears-no-oil') : '',
            $kind->kitchenOilHeavy ? Say::it('wording/kind-words.kitchen-oil-heavy') : '',
            $kind->soapSensitive ? Say::it('wording/kind-words.soap-marks-it') : '',
            $kind->standsBare ? Say::it('wording/kind-words.stands-bare') : '',
        ], static fn(string $one): bool => $one !== '');

        return Say::it('wording/kind-words.usually', ['kind' => ucfirst($kind->name), 'tells' => implode(', ', $tells)]);
    }
}
