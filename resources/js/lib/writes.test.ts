import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { proposed } from './proposed';
import * as weather from './weather';
import { Writes } from './writes';

/*
 * As Unicode CLDR has them: hours, days and decimals by the browser's own tables, °F, mph and inches from memory. Mexico is left out: its
 * hours are 24 in one edition of CLDR and 12 in another.
 */
it.each([
    ['en-US', '12 F mph in point month-first'],
    ['es-US', '12 F mph in point month-first'],
    ['en-GB', '24 C mph mm point day-first'],
    ['en-IE', '24 C km/h mm point day-first'],
    ['en-AU', '12 C km/h mm point day-first'],
    ['en-CA', '12 C km/h mm point month-first'],
    ['de-AT', '24 C km/h mm comma day-first'],
    ['fr-FR', '24 C km/h mm comma day-first'],
    ['es-ES', '24 C km/h mm comma day-first'],
    ['ja-JP', '24 C km/h mm point day-first'],
    ['en', '12 F mph in point month-first'],
    ['de', '24 C km/h mm comma day-first'],
])('proposes to %s what is written there', (language, code) => {
    expect(proposed(language)).toBe(code);
});

/* The table that core is held to, so that no screen writes otherwise than a sentence of core. */
it('writes the weather as core does', () => {
    const table = JSON.parse(readFileSync('core/tests/Habit/written.json', 'utf8')) as Record<
        string,
        Record<'warmth' | 'warmer' | 'wind' | 'rain', Record<string, string>>
    >;
    for (const [code, kinds] of Object.entries(table)) {
        const writes = new Writes(code);
        for (const kind of ['warmth', 'warmer', 'wind', 'rain'] as const) {
            const wanted = Object.entries(kinds[kind] ?? {});
            expect(wanted.map(([figure]) => weather[kind](Number(figure), writes))).toEqual(wanted.map(([, words]) => words));
        }
    }
});

it('reads a thermometer back, and writes the plain way where nobody said', () => {
    const us = new Writes('12 F mph in point month-first');
    expect([
        weather.celsiusOf(212, us),
        weather.degreesOf(100, us),
        weather.celsiusOf(weather.degreesOf(21, us), us),
        us.number('1.5'),
    ]).toEqual([100, 212, 21, '1.5']);
    const comma = new Writes('24 C km/h mm comma day-first');
    expect([comma.number('1.5'), weather.degreesOf(21, comma)]).toEqual(['1,5', 21]);
    expect([new Writes('').code, new Writes(null).code]).toEqual(Array(2).fill('24 C km/h mm point day-first'));
});
