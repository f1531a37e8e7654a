<?php

declare(strict_types=1);

namespace IdleMixer\Core\Row;

/** How a plant is drawn: as the leaf of one that is clean, that has something on it, or that rests after a burn. */
enum LeafState: string
{
    case Clean = 'clean';
    case Troubled = 'troubled';
    case Burnt = 'burnt';

    /**
     * @param bool $rests    whether it rests now because its leaves were burnt
     * @param int  $troubles that are on it
     */
    public static function of(bool $rests, int $troubles): self
    {
        return match (true) {
            $rests => self::Burnt,
            $troubles > 0 => self::Troubled,
            default => self::Clean,
        };
    }
}
