<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use IdleMixer\Core\Words\Say;

/** What may have been special about a round that burnt. */
enum BurnCause: string
{
    case Sun = 'sun';
    case Hot = 'hot';
    case Stronger = 'stronger';
    case Soon = 'soon';
    case Dry = 'dry';
    case Runoff = 'runoff';

    public function words(): string
    {
        return match ($this) {
            self::Sun => Say::it('leaf/burn-cause.sun'),
            self::Hot => Say::it('leaf/burn-cause.hot'),
            self::Stronger => Say::it('leaf/burn-cause.stronger'),
            self::Soon => Say::it('leaf/burn-cause.soon'),
            self::Dry => Say::it('leaf/burn-cause.dry'),
            self::Runoff => Say::it('leaf/burn-cause.runoff'),
        };
    }
}
