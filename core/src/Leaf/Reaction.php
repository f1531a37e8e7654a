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

    /** @param list<self> $reactions the worst leaf counts; clean when there is none */
    public static function worst(array $reactions): self
    {
        $worst = self::Clean;
        foreach ($reactions as $reaction) {
            $worst = $reaction->severity() > $worst->severity() ? $reaction : $worst;
        }

        return $worst;
    }
}
