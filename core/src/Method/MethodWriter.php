<?php

declare(strict_types=1);

namespace IdleMixer\Core\Method;

/** Writes a method as its open document. */
final class MethodWriter
{
    /** @return array<string, mixed> ready for JSON */
    public static function write(Method $method): array
    {
        return [
            'surface' => $method->surface->value,
            'agitation' => $method->agitation->value,
            'vessel' => $method->vessel->value,
            'before' => self::values($method->before),
            'wet' => $method->wet->value,
            'soakMinutes' => $method->soakMinutes,
            'brush' => $method->brush,
            'secondSoakMinutes' => $method->secondSoakMinutes,
            'rinse' => $method->rinse->value,
            'after' => self::values($method->after),
            'everyDays' => array_combine(array_column(Pressure::cases(), 'value'), array_map(static fn(Pressure $at): int|string|null => $method->every($at)->written(), Pressure::cases())),
            'inARow' => $method->inARow,
            'inTurnWith' => $method->inTurnWith,
            'firstLookHours' => $method->firstLookHours,
            'judgeHours' => $method->judgeHours,
            'against' => $method->against,
        ];
    }

    /**
     * @param list<Chore> $chores
     *
     * @return list<string>
     */
    private static function values(array $chores): array
    {
        return array_map(static fn(Chore $one): string => $one->value, $chores);
    }
}
