<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ingredient;

use IdleMixer\Core\Words\Say;

/** What the strength of a spray is told in: the six figures of the open plan document. */
enum SubstanceGroup: string
{
    case Oil = 'oil';
    case Essential = 'essential';
    /** Soap, detergent or other emulsifier, as bought. */
    case Soap = 'soap';
    /** Pure alcohol. */
    case Alcohol = 'alcohol';
    /** Pure peroxide. */
    case Peroxide = 'peroxide';
    case Soda = 'soda';

    public function words(): string
    {
        return match ($this) {
            self::Essential => Say::it('ingredient/substance-group.essential'),
            self::Alcohol, self::Peroxide => Say::it('ingredient/substance-group.alcohol', ['this' => $this->value]),
            default => $this->value,
        };
    }

    /** v/v of what is liquid, w/v of soda. */
    public function unit(): string
    {
        return $this === self::Soda ? 'g per 100 mL' : '%';
    }

    /** The key of the open plan document. */
    public function key(): string
    {
        return $this->value . ($this === self::Soda ? '_percent_wv' : '_percent_vv');
    }
}
