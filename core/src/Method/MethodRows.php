<?php

declare(strict_types=1);

namespace IdleMixer\Core\Method;

/**
 * Methods as data has them: what is left out of a row is not done.
 *
 * @phpstan-type MethodRow array{surface: string, vessel: string, agitation: string, before: list<string>, wet: string, soakMinutes?: int, brush?: bool, secondSoakMinutes?: int, rinse: string, after: list<string>, everyDays: array<string, int|string|null>, inARow: int|null, inTurnWith?: list<string>, against: list<string>, lastsDays?: int, wideDays?: int, then?: array{int, int}, rinseFrom?: string, source: string}
 */
final class MethodRows
{
    /** Methods that several sprays share. */
    private const SHARED = __DIR__ . '/../../data/methods.php';

    /** @param array<string, mixed> $said what a spray says itself; `as` names a shared method that holds where it says nothing */
    public static function read(array $said): Method
    {
        /** @var array<string, array<string, mixed>> $shared */
        $shared = require self::SHARED;
        $as = $said['as'] ?? null;
        /** @var MethodRow $row */
        $row = [...(is_string($as) ? $shared[$as] : []), ...$said];

        return new Method(
            Onto::from($row['surface']),
            Agitation::from($row['agitation']),
            Vessel::from($row['vessel']),
            array_map(Chore::from(...), $row['before']),
            Wetness::from($row['wet']),
            $row['soakMinutes'] ?? null,
            $row['brush'] ?? false,
            $row['secondSoakMinutes'] ?? null,
            Rinse::from($row['rinse']),
            array_map(Chore::from(...), $row['after']),
            array_map(Rhythm::of(...), $row['everyDays']),
            $row['inARow'],
            $row['inTurnWith'] ?? [],
            $row['against'],
            lastsDays: $row['lastsDays'] ?? 0,
            source: $row['source'],
            wideDays: $row['wideDays'] ?? null,
            thenAfter: $row['then'][0] ?? null,
            thenDays: $row['then'][1] ?? null,
            rinseFrom: Pressure::tryFrom($row['rinseFrom'] ?? ''),
        );
    }
}
