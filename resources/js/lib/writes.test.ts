import { expect, it } from 'vitest';
import { proposed } from './proposed';
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

/* The same fixed points as in core: 0 °C is 32 °F, 25.4 mm an inch, 1.609344 km a mile. */
it('writes the weather, and reads a thermometer back', () => {
    const us = new Writes('12 F mph in point month-first');
    expect([us.warmth(0), us.warmth(32.2), us.warmer(5), us.wind(28), us.rain(25.4), us.number('1.5')]).toEqual([
        '32 °F',
        '90 °F',
        '9 °F',
        '17 mph',
        '1 in',
        '1.5',
    ]);
    expect([us.celsiusOf(212), us.degreesOf(100), us.celsiusOf(us.degreesOf(21))]).toEqual([100, 212, 21]);
    const comma = new Writes('24 C km/h mm comma day-first');
    expect([comma.warmth(21.4), comma.rain(0.4), comma.number('1.5'), comma.degreesOf(21)]).toEqual(['21 °C', '0,4 mm', '1,5', 21]);
    expect([new Writes('').code, new Writes(null).code]).toEqual(Array(2).fill('24 C km/h mm point day-first'));
});
