import { expect, it } from 'vitest';
import { MethodOf } from './method.svelte';

const whole = {
    surface: 'bare-wood',
    wet: 'drip',
    before: ['prune'],
    inARow: 1,
    soakMinutes: null,
    brush: false,
    rinse: 'no',
    everyDays: { prevention: 'once', light: 'once', moderate: 7, heavy: null },
    against: ['scale'],
} as const;

it('says nothing where nothing is said, and is proposed then', () => {
    const method = new MethodOf();
    expect([method.isSaid, method.document, method.isUsedOtherwise]).toEqual([false, undefined, false]);
    expect(method.rhythm('light', { everyDays: { light: 7 } })).toBe(7);
});

it('loses nothing of a document that it does not ask for, nor what is done once', () => {
    const method = new MethodOf();
    method.take(structuredClone(whole) as never);
    expect(method.document).toEqual(whole);
    expect([method.rhythm('light', null), method.rhythm('heavy', { everyDays: { heavy: 4 } })]).toEqual(['once', null]);
});

it('takes what is said in place of what is proposed, and leaves the rest to that', () => {
    const method = new MethodOf();
    method.toggle('aphids');
    method.toggle('scale');
    method.toggle('aphids');
    method.sayDays('heavy', 4);
    expect(method.document).toEqual({ against: ['scale'], everyDays: { heavy: 4 } });
    expect([method.rhythm('heavy', null), method.rhythm('light', { everyDays: { light: 14 } }), method.isUsedOtherwise]).toEqual([
        4,
        14,
        true,
    ]);
});
