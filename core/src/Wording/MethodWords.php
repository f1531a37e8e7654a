<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Method\Method;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Method\Rhythm;
use IdleMixer\Core\Method\Rinse;
use IdleMixer\Core\Words\Say;

/** Says how a method is used. */
final class MethodWords
{
    /** How often, by how bad it is. */
    public static function rhythm(Method $method): string
    {
        $there = array_map(static fn(Pressure $at): Rhythm => $method->every($at), [Pressure::Light, Pressure::Moderate, Pressure::Heavy]);
        $said = array_values(array_unique(array_map(self::days(...), $there)));
        $often = match (true) {
            count($said) === 1 => Say::it('method/often.always', ['days' => $said[0]]),
            $said[0] === self::days($there[1]) => Say::it('method/often.heavy', ['days' => $said[0], 'heavy' => self::days($there[2])]),
            default => Say::it('method/often.each', ['light' => self::days($there[0]), 'moderate' => self::days($there[1]), 'heavy' => self::days($there[2])]),
        };
        $prevention = $method->every(Pressure::Prevention);

        return implode(' ', array_filter([
            ucfirst($often),
            $method->inARow === null || $method->inARow === 1 ? '' : Say::it('method/often.in-a-row', ['rounds' => $method->inARow]),
            $prevention->isNever() ? Say::it('method/often.no-prevention') : ($prevention->isOnce ? '' : Say::it('method/often.prevention', ['days' => self::days($prevention)])),
        ], static fn(string $one): bool => $one !== ''));
    }

    /**
     * What it costs to use it.
     *
     * @param bool $tested whether test leaves clear it
     */
    public static function costs(Method $method, Pressure $pressure, bool $tested): string
    {
        $rhythm = $method->every($pressure);
        $evenings = match (true) {
            $rhythm->isOnce || $method->inARow === 1 || $rhythm->days === null => Say::it('method/costs.once'),
            $method->inARow === null => Say::it('method/costs.often', ['days' => self::days($rhythm)]),
            default => Say::it('method/costs.rounds', ['rounds' => $method->inARow, 'days' => self::days($rhythm)]),
        };

        return $tested ? Say::it('method/costs.clear', ['evenings' => $evenings]) : Say::it('method/costs.untested', ['evenings' => $evenings]);
    }

    /** @return list<string> soaking and rinsing, and what follows */
    public static function afterwards(Method $method): array
    {
        return array_values(array_filter([
            match (true) {
                $method->soakMinutes === null => '',
                $method->brush => Say::it('method/soak.brushed', ['minutes' => $method->soakMinutes]),
                default => Say::it('method/soak.rinsed', ['minutes' => $method->soakMinutes]),
            },
            $method->rinse === Rinse::NextDay ? Say::it('method/soak.next-day') : '',
        ], static fn(string $one): bool => $one !== ''));
    }

    private static function days(Rhythm $rhythm): string
    {
        return match (true) {
            $rhythm->isOnce => Say::it('method/often.once'),
            $rhythm->days === null => Say::it('method/often.never'),
            $rhythm->days === 1 => Say::it('method/often.daily'),
            default => Say::it('method/often.every', ['days' => $rhythm->days]),
        };
    }
}
