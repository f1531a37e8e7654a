import { expect, it } from 'vitest';
import { instantOf, whenField } from './when';

it('leaves an instant alone to the second until somebody changes it', () => {
    const was = '2026-06-01T17:59:30Z';
    expect(whenField(was)).toMatch(/^2026-06-0[12]T\d\d:59$/);
    expect(instantOf(whenField(was), was)).toBe(was);
    expect(instantOf('2026-06-03T08:15', was)).toBe(new Date('2026-06-03T08:15').toISOString());
    expect(instantOf('', was)).toBeUndefined();
});

it('says nothing while it is empty', () => {
    expect(whenField()).toBe('');
    expect(instantOf('')).toBeUndefined();
});
