<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

/** What sort of trouble it is. */
enum TroubleKind: string
{
    case Insect = 'insect';
    case Mite = 'mite';
    case Fungus = 'fungus';
    case Soil = 'soil';
    case Other = 'other';
    /** Inside the plant, where no spray reaches. */
    case Inside = 'inside';
    /** Cold, drought, sun, water, feeding. */
    case Care = 'care';

    public function isPest(): bool
    {
        return $this !== self::Care && $this !== self::Inside;
    }
}
