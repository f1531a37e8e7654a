import { Kept } from './kept';

/** “24 C km/h mm point day-first”, as core has it. */
const [CLOCK, WARMTH, WIND, RAIN, DECIMAL, DATES] = [0, 1, 2, 3, 4, 5] as const;
export const PLAIN = ['24', 'C', 'km/h', 'mm', 'point', 'day-first'].join(' ');
const KEPT = new Kept('idle-mixer-writes');

/** How this household writes hours, days, numbers and the weather: as the page says, and where there is none, as the last one did. */
export class Writes {
    #code: readonly string[];

    constructor(code: unknown) {
        this.#code = (typeof code === 'string' && code !== '' ? code : PLAIN).split(' ');
    }

    get code(): string {
        return this.#code.join(' ');
    }

    /** Whether these are the same, each by its name. */
    is(all: Record<'clock' | 'warmth' | 'wind' | 'rain' | 'decimal' | 'dates', string>): boolean {
        return this.code === [all.clock, all.warmth, all.wind, all.rain, all.decimal, all.dates].join(' ');
    }

    /** The English that puts day and month in this order. */
    get locale(): string {
        return this.#code[DATES] === 'month-first' ? 'en-US' : 'en-GB';
    }

    get hours(): Intl.DateTimeFormatOptions {
        return this.#code[CLOCK] === '12'
            ? { hour: 'numeric', minute: '2-digit', hourCycle: 'h12' }
            : { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' };
    }

    /** @param figures written with a point */
    number(figures: string): string {
        return this.#code[DECIMAL] === 'comma' ? figures.replace('.', ',') : figures;
    }

    get degrees(): '°C' | '°F' {
        return this.#code[WARMTH] === 'F' ? '°F' : '°C';
    }

    get wind(): string {
        return this.#code[WIND] ?? '';
    }

    get rain(): string {
        return this.#code[RAIN] ?? '';
    }
}

const said = typeof document === 'undefined' ? null : document.querySelector<HTMLMetaElement>('meta[name="writes"]');

export const writes = new Writes(said?.content ?? KEPT.read());
/** Nobody said yet how it is written here. */
export const unsaid = said?.content === '';
if (said !== null) {
    KEPT.keep(said.content);
}
