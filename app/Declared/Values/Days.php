<?php

declare(strict_types=1);

namespace App\Declared\Values;

use App\Declared\Raw;
use App\Declared\Value;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Schedule\WantedDays;
use IdleMixer\Core\Words\Say;

/** Days like 2026-05-03, earliest first, kept apart by blanks. */
final readonly class Days implements Value
{
    /** @throws InvalidDocument when one is no day, or they are too many */
    public function read(Node $node): string
    {
        return self::kept(WantedDays::of(array_map(static fn(Node $one): string => $one->day(), $node->items(0, ScheduleLines::MOST_ROUNDS['value'], Say::it('records/days.days')))));
    }

    public static function kept(WantedDays $days): string
    {
        return implode(' ', $days->days);
    }

    public static function of(?string $kept): WantedDays
    {
        return WantedDays::of($kept === null || $kept === '' ? [] : explode(' ', $kept));
    }

    public function told(bool|float|int|string $kept): Raw
    {
        return new Raw(json_encode(self::of((string) $kept)->days, Raw::FLAGS));
    }

    public function cast(): null
    {
        return null;
    }

    public function schema(): array
    {
        return ['type' => 'array', 'maxItems' => ScheduleLines::MOST_ROUNDS['value'], 'items' => ['type' => 'string', 'format' => 'date']];
    }
}
