<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

/** What a point of a leaf is made of. Straw counts as bleached. */
enum Tissue: int
{
    case Healthy = 1;
    case Yellow = 2;
    case Brown = 3;
    case Bleached = 4;
    case Wet = 5;
    case Missing = 6;
    /** Nobody can see what lies under glare, or the user left it out: it counts for nothing. */
    case LeftOut = 7;

    public function isInjured(): bool
    {
        return match ($this) {
            self::Healthy, self::LeftOut => false,
            self::Yellow, self::Brown, self::Bleached, self::Wet, self::Missing => true,
        };
    }

    public function code(): string
    {
        return match ($this) {
            self::Healthy => 'healthy',
            self::Yellow => 'yellow',
            self::Brown => 'brown',
            self::Bleached => 'bleached',
            self::Wet => 'wet',
            self::Missing => 'missing',
            self::LeftOut => 'left-out',
        };
    }

    /** @return list<self> those that a share is told of, in this order */
    public static function told(): array
    {
        return [self::Healthy, self::Yellow, self::Brown, self::Bleached, self::Wet, self::Missing];
    }
}
