<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/** How many sit on a spot, at a glance. */
enum CountClass: string
{
    case None = 'none';
    case Few = '1-5';
    case Some = '6-20';
    case Many = '21-100';
    case Crowd = '100+';

    /**
     * What it stands for in a sum.
     */
    public function middle(): float
    {
        return match ($this) {
            self::None => 0.0,
            default => EvidenceLines::CLASS_MIDDLES['value'][$this->value],
        };
    }
}
