<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plant;

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

    public function hasGreen(): bool
    {
        return $this !== self::Bare;
    }
}
