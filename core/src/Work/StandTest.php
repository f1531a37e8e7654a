<?php

declare(strict_types=1);

namespace IdleMixer\Core\Work;

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
            self::NotDone => 'not done',
            self::Even => 'even, no oil on top',
            self::Ring => 'a ring of oil',
            self::Beads => 'beads of oil on top',
            self::Layer => 'a layer of oil on top',
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
