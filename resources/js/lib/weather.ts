import { writes, type Writes } from './writes';

/*
 * Figures of the weather as the household writes them: core says the same in its sentences, and one table holds both
 * (core/tests/Habit/written.json). Definitions: °F = 1.8 °C + 32, 1 in = 25.4 mm, 1 mi = 1.609344 km.
 */
const KM_IN_MILE = 1.609344;
const MM_IN_INCH = 25.4;

const rounded = (figure: number, decimals: number): number => Math.round(figure * 10 ** decimals) / 10 ** decimals;
const isF = (by: Writes): boolean => by.degrees === '°F';

/** What a thermometer of this household shows at so many °C. */
export const degreesOf = (celsius: number, by = writes): number => (isF(by) ? rounded(1.8 * celsius + 32, 1) : celsius);

export const celsiusOf = (degrees: number, by = writes): number => (isF(by) ? rounded((degrees - 32) / 1.8, 2) : degrees);

export const warmth = (celsius: number, by = writes): string =>
    `${by.number(String(isF(by) ? Math.round(1.8 * celsius + 32) : rounded(celsius, 1)))} ${by.degrees}`;

/** How far one is above another, as with Delta T. */
export const warmer = (celsius: number, by = writes): string =>
    `${by.number(String(rounded(isF(by) ? 1.8 * celsius : celsius, 1)))} ${by.degrees}`;

export const wind = (kmh: number, by = writes): string => `${Math.round(by.wind === 'mph' ? kmh / KM_IN_MILE : kmh)} ${by.wind}`;

export const rain = (mm: number, by = writes): string =>
    `${by.number(String(by.rain === 'in' ? rounded(mm / MM_IN_INCH, 2) : rounded(mm, 1)))} ${by.rain}`;
