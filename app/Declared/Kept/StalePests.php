<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;

/** Pests to be weighed anew. */
final class StalePests extends Record
{
    private const WHY = 'Reckoned from the other records, and made anew.';

    public function table(): string
    {
        return 'stale_pests';
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
            Plain::inside('pest', self::WHY),
        ];
    }
}
