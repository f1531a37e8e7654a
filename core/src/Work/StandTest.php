<?php

declare(strict_types=1);

namespace IdleMixer\Core\Work;

use IdleMixer\Core\Words\Say;

/** What a glass of the mix looks like after standing one minute. */
enum StandTest: string
{
    case NotDone = 'not-done';
    case Even = 'even';
    case Ring = 'ring';
    case Beads = 'beads';
    case Layer = 'layer';
    case Scum = 'scum';

    public function words(): string
    {
        return match ($this) {
            self::NotDone => Say::it('work/stand-test.not-done'),
            self::Even => Say::it('work/stand-test.even'),
            self::Ring => Say::it('work/stand-test.ring'),
            self::Beads => Say::it('work/stand-test.beads'),
            self::Layer => Say::it('work/stand-test.layer'),
            self::Scum => 'scum',
        };
    }

    /** Whether oil has come out of the mix. */
    public function isUnsteady(): bool
    {
        return match ($this) {
            self::NotDone, self::Even => false,
            default => true,
        };
    }
}
