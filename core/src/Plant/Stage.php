<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plant;

use DateTimeImmutable;
use IdleMixer\Core\Data\GateLines;

/** How far a plant is in its year. */
enum Stage: string
{
    /** No leaf out and no bud breaking. */
    case Bare = 'bare';
    /** Green is showing. */
    case Budding = 'budding';
    case InLeaf = 'in-leaf';
    case InBloom = 'in-bloom';
    /** Under four true leaves. */
    case Seedling = 'seedling';

    /** Whether what was said on a day still holds on another: a season for a plant in leaf or bare, days for what passes. */
    public function holds(DateTimeImmutable $said, DateTimeImmutable $now): bool
    {
        return $this->lasts($said) >= $now;
    }

    /** The last moment at which what was said still holds. */
    public function lasts(DateTimeImmutable $said): DateTimeImmutable
    {
        return $said->modify('+' . GateLines::STAGE_HOLDS['value'][$this->value] . ' days');
    }

    public function hasGreen(): bool
    {
        return $this !== self::Bare;
    }
}
