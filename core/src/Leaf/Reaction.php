<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/** How a test leaf looks. */
enum Reaction: string
{
    case Clean = 'clean';
    case Slight = 'slight';
    case Marked = 'marked';
    case Dead = 'dead';

    /** 0 for clean, rising with the harm. */
    public function severity(): int
    {
        return match ($this) {
            self::Clean => 0,
            self::Slight => 1,
            self::Marked => 2,
            self::Dead => 3,
        };
    }
}
