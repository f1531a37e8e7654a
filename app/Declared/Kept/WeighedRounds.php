<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;

/** What a round did, as it was weighed last. */
final class WeighedRounds extends Record
{
    private const WHY = 'Reckoned from the other records, and made anew.';

    public function table(): string
    {
        return 'weighed_rounds';
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
            Plain::inside('case_id', self::WHY),
            Plain::inside('pest', self::WHY),
            Plain::inside('round_id', self::WHY),
            Plain::inside('batch_id', self::WHY),
            Plain::inside('sprayed_at', self::WHY),
            Plain::inside('outcome', self::WHY),
            Plain::inside('formula', self::WHY),
            Plain::inside('reduction', self::WHY),
            Plain::inside('kept_log', self::WHY),
            Plain::inside('kept_variance', self::WHY),
            Plain::inside('days', self::WHY),
            Plain::inside('alone', self::WHY),
            Plain::inside('rounds', self::WHY),
            Plain::inside('hand_work', self::WHY),
            Plain::inside('unproven', self::WHY),
            Plain::inside('burnt', self::WHY),
            Plain::inside('litres', self::WHY),
            Plain::inside('minutes', self::WHY),
            Plain::inside('facts', self::WHY),
        ];
    }
}
