import { typedNumber } from './figures';

/** What was written for each spot, as numbers; null for what was left out, and for all of it where one is no number. */
export function countsOf(each: string[]): (number | null)[] | null {
    const counts = each.map((text) => (text.trim() === '' ? null : typedNumber(text)));
    return counts.some((count) => count !== null && (Number.isNaN(count) || count < 0)) ? null : counts;
}

/** A row of figures as it was pasted or dictated, spread over the spots from one on; the others stay. */
export function spread(each: string[], from: number, text: string): string[] {
    const parts = text.trim().split(/[\s,;]+/);
    return each.map((old, i) => (i >= from && i < from + parts.length ? (parts[i - from] ?? '') : old));
}

/** Classes that one can see at a glance, as they are sent. */
export const CLASSES = [
    { value: 'none', name: 'none' },
    { value: '1-5', name: '1 to 5' },
    { value: '6-20', name: '6 to 20' },
    { value: '21-100', name: '21 to 100' },
    { value: '100+', name: 'more' },
] as const;

export type CountClass = (typeof CLASSES)[number]['value'];

/** A count, or a class, as it is sent; null where it is neither. */
export function spotOf(text: string): number | CountClass | null {
    const found = CLASSES.find((one) => one.value === text.trim());
    if (found !== undefined) {
        return found.value;
    }
    const number = typedNumber(text);
    return Number.isNaN(number) || number < 0 ? null : number;
}
