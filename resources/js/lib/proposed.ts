import { tell } from './teller';
import { PLAIN } from './writes';

/** Where a thermometer shows °F, wind is told in mph, and rain in inches: Unicode CLDR, measurement systems, from memory. */
const FAHRENHEIT = ['US', 'BS', 'BZ', 'KY', 'PW', 'PR', 'GU', 'VI', 'AS', 'MP', 'UM'];
const MILES = ['US', 'GB', 'PR', 'GU', 'VI', 'AS', 'MP', 'UM'];

/** How this browser writes, proposed to a household that never said how it does. */
export function proposed(language: string): string {
    const region = new Intl.Locale(language).maximize().region ?? '';
    const twelve = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions().hour12 === true;
    const decimal = new Intl.NumberFormat(language).formatToParts(1.5).find((part) => part.type === 'decimal')?.value;
    const order = new Intl.DateTimeFormat(language, { month: 'short', day: 'numeric' }).formatToParts().map((part) => part.type);
    return [
        twelve ? '12' : '24',
        FAHRENHEIT.includes(region) ? 'F' : 'C',
        MILES.includes(region) ? 'mph' : 'km/h',
        FAHRENHEIT.includes(region) ? 'in' : 'mm',
        decimal === ',' ? 'comma' : 'point',
        // What is written with numbers alone, year first, says nothing of English.
        region === 'US' || (language.startsWith('en') && order.indexOf('month') < order.indexOf('day')) ? 'month-first' : 'day-first',
    ].join(' ');
}

/** Tells the server once; what stands on the screen was written the plain way, and is written anew where that is another. */
export function propose(language: string): void {
    const code = proposed(language);
    // A device that keeps no cookies, or whose cookie is not taken, would load for ever.
    const before = document.cookie.includes('writes=');
    tell('writes', code);
    if (code !== PLAIN && !before && document.cookie.includes('writes=')) {
        location.reload();
    }
}
