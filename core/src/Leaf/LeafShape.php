<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use IdleMixer\Core\Words\Say;

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
            self::Lance => Say::it('leaf/leaf-shape.lance'),
            self::Heart => 'heart',
            self::Lobed => Say::it('leaf/leaf-shape.lobed'),
            self::Compound => Say::it('leaf/leaf-shape.compound'),
        };
    }
}
