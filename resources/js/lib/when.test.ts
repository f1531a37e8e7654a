import { expect, it } from 'vitest';
import { WhenField } from './when.svelte';

it('leaves an instant alone to the second until somebody changes it', () => {
    const when = new WhenField('2026-06-01T17:59:30Z');
    expect(when.text).toMatch(/^2026-06-0[12]T\d\d:59$/);
    expect(when.instant).toBe('2026-06-01T17:59:30Z');
    when.text = '2026-06-03T08:15';
    expect(when.instant).toBe(new Date('2026-06-03T08:15').toISOString());
    when.text = '';
    expect(when.instant).toBeUndefined();
});

it('says nothing while it is empty', () => {
    expect(new WhenField().instant).toBeUndefined();
});
