import { afterEach, expect, it, vi } from 'vitest';
import { answer, server } from '../tests/page';
import { Household } from './household.svelte';
import { Kept } from './kept';
import { storage } from '../tests/page';

const rows = (measuredMl: number | null) => [{ code: 'squirt', words: 'a squirt', low: 2, high: 6, measuredMl }];

const written = { clock: '24', warmth: 'C', wind: 'km/h', rain: 'mm', decimal: 'point', dates: 'day-first' };

afterEach(() => vi.unstubAllGlobals());

it('sends what was measured and leaves out what was not', async () => {
    const asked = server(() => answer(200, { version: 3, kitchen: 'british', byEye: rows(3.5), writes: null, written }));
    const household = new Household({ version: 2, kitchen: null, byEye: rows(null), writes: null, written } as never);
    household.kitchen = 'british';
    await household.save();
    household.typed['squirt'] = '3,5';
    await household.save();
    expect(asked.map((one) => one.body)).toEqual([
        { basedOn: 2, kitchen: 'british', byEye: {}, writes: null },
        { basedOn: 3, kitchen: 'british', byEye: { squirt: 3.5 }, writes: null },
    ]);
    expect(household.typed['squirt']).toBe('3.5');
});

it('sends how it is written here once somebody chose, and else nothing', async () => {
    const asked = server(() => answer(200, { version: 3, kitchen: null, byEye: rows(null), writes: written, written }));
    const household = new Household({ version: 2, kitchen: null, byEye: rows(null), writes: null, written } as never);
    household.write('clock', '12');
    await household.save();
    expect(asked.map((one) => (one.body as { writes: unknown }).writes)).toEqual([{ ...written, clock: '12' }]);
});

it('says what is no number of mL, and sends nothing', async () => {
    const asked = server(() => answer(200, {}));
    const household = new Household({ version: 2, kitchen: null, byEye: rows(null), writes: null, written } as never);
    household.typed['squirt'] = 'plenty';
    await expect(household.save()).rejects.toThrow('Write how much a squirt is as a number of mL');
    expect(asked).toEqual([]);
});

it('keeps things on this device, and goes on without when storage is shut', () => {
    vi.stubGlobal('localStorage', storage());
    const kept = new Kept('one');
    kept.keep({ a: 1 });
    expect(new Kept('one').read()).toEqual({ a: 1 });
    kept.drop();
    expect(kept.read()).toBeNull();
    localStorage.setItem('one', '{not json');
    expect(kept.read()).toBeNull();
    vi.stubGlobal('localStorage', undefined);
    kept.keep(2);
    kept.drop();
    expect(kept.read()).toBeNull();
});

it('takes up what was typed and not saved, where it is asked to', () => {
    vi.stubGlobal('localStorage', storage());
    const opened = (): Household => new Household({ version: 2, kitchen: 'us', byEye: rows(3.5) } as never);
    const first = opened();
    first.typed['squirt'] = '4';
    first.draft.keep();
    const again = opened();
    expect(again.typed['squirt']).toBe('3.5');
    again.draft.takeUp();
    expect(again.typed['squirt']).toBe('4');
    expect(again.draft.restored).toBe(true);
});
