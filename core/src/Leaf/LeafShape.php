<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/** Shapes of leaves that are drawn. */
enum LeafShape: string
{
    case Oval = 'oval';
    case Lance = 'lance';
    case Heart = 'heart';
    case Lobed = 'lobed';
    case Compound = 'compound';

    public function words(): string
    {
        return match ($this) {
            self::Oval => 'oval',
            self::Lance => 'long and narrow',
            self::Heart => 'heart',
            self::Lobed => 'lobed like a hand',
            self::Compound => 'several leaflets',
        };
    }
}
