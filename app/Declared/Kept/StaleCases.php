<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;

/** Cases to be weighed anew. */
final class StaleCases extends Record
{
    private const WHY = 'Reckoned from the other records, and made anew.';

    public function table(): string
    {
        return 'stale_cases';
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
            Plain::inside('case_id', self::WHY),
        ];
    }
}
