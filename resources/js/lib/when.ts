import { fromField, toField } from './time';

/** What stands in a field for a point in time before anybody changes it. */
export const whenField = (was: string | null = null): string => (was === null ? '' : toField(was));

/** What such a field says; it knows no seconds: where it was left alone, the instant stays as it was. Undefined where nothing is said. */
export function instantOf(text: string, was: string | null = null): string | undefined {
    if (was !== null && text === toField(was)) {
        return was;
    }
    return text === '' ? undefined : fromField(text);
}
