<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

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
            self::Sun => 'sun or lamp on wet leaves',
            self::Hot => 'a hot hour',
            self::Stronger => 'stronger than planned, or oil on top',
            self::Soon => 'sprayed again too soon',
            self::Dry => 'the plant was dry at the root',
            self::Runoff => 'it stood in drops or ran together',
        };
    }
}
