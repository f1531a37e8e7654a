<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;

/** How a spray did against a pest, as it was weighed last. */
final class WeighedSprays extends Record
{
    private const WHY = 'Reckoned from the other records, and made anew.';

    public function table(): string
    {
        return 'weighed_sprays';
    }

    public function identity(): array
    {
        return [];
    }

    public function isReckoned(): bool
    {
        return true;
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::WHY),
            Plain::inside('pest', self::WHY),
            Plain::inside('rank', self::WHY),
            Plain::inside('family', self::WHY),
            Plain::inside('slug', self::WHY),
            Plain::inside('judged', self::WHY),
            Plain::inside('worked', self::WHY),
            Plain::inside('verdict', self::WHY),
            Plain::inside('name', self::WHY),
            Plain::inside('left_log', self::WHY),
            Plain::inside('last_plant', self::WHY),
            Plain::inside('last_at', self::WHY),
            Plain::inside('told', self::WHY),
        ];
    }
}
