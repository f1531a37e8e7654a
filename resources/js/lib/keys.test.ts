import { expect, it, vi } from 'vitest';
import { storage } from '../tests/page';
import { KeyBoard } from './keys.svelte';

const gone = vi.hoisted((): (() => void)[] => []);

vi.mock('svelte', async (real) => ({ ...(await real<object>()), onDestroy: (left: () => void) => gone.push(left) }));

const press = (key: string, more: object = {}): KeyboardEvent => ({ key, target: null, ...more }) as unknown as KeyboardEvent;

function board(): { keys: KeyBoard; pressed: string[] } {
    const keys = new KeyBoard();
    const pressed: string[] = [];
    keys.use(() => ({ s: { what: 'start', press: () => pressed.push('s') } }));
    return { keys, pressed };
}

it('answers to the keys of the screen, and lists them', () => {
    const { keys, pressed } = board();
    expect(keys.press(press('s'))).toBe(true);
    expect(keys.press(press('z'))).toBe(false);
    expect(pressed).toEqual(['s']);
    expect(Object.keys(keys.all)).toEqual(['s']);
});

it('rests while somebody types, holds a key down, or means the browser', () => {
    const { keys, pressed } = board();
    for (const more of [
        { target: { tagName: 'INPUT' } },
        { target: { tagName: 'SELECT' } },
        { repeat: true },
        { ctrlKey: true },
        { metaKey: true },
    ]) {
        expect(keys.press(press('s', more))).toBe(false);
    }
    expect(pressed).toEqual([]);
});

it('lays the sheet over the screen: nothing behind it is pressed', () => {
    const { keys, pressed } = board();
    expect(keys.press(press('?'))).toBe(true);
    expect(keys.sheet).toBe(true);
    keys.press(press('s'));
    expect(pressed).toEqual([]);
    keys.press(press('?'));
    keys.press(press('s'));
    expect(pressed).toEqual(['s']);
});

it('can be left off, but for the sheet', () => {
    const { keys, pressed } = board();
    keys.on = false;
    keys.press(press('s'));
    expect(pressed).toEqual([]);
    expect(keys.press(press('?'))).toBe(true);
});

it('rests in anything that is written into, and for what the machine means by a key', () => {
    const { keys, pressed } = board();
    for (const more of [{ target: { tagName: 'TEXTAREA' } }, { target: { tagName: 'DIV', isContentEditable: true } }, { altKey: true }]) {
        expect(keys.press(press('s', more))).toBe(false);
        expect(keys.press(press('?', more))).toBe(false);
    }
    expect([pressed, keys.sheet]).toEqual([[], false]);
    // A field’s name inside another name is none.
    for (const tagName of ['BUTTON', 'INPUT-GROUP', 'X-SELECT', 'OUTPUT']) {
        expect(keys.press(press('s', { target: { tagName, isContentEditable: false } }))).toBe(true);
    }
    expect(pressed).toHaveLength(4);
});

it('remembers on this device whether they are off', () => {
    vi.stubGlobal('localStorage', storage());
    const keys = new KeyBoard();
    expect(keys.on).toBe(true);
    keys.on = false;
    expect([keys.on, new KeyBoard().on, localStorage.getItem('idle-mixer-keys')]).toEqual([false, false, '"off"']);
    keys.on = true;
    expect([keys.on, new KeyBoard().on, localStorage.getItem('idle-mixer-keys')]).toEqual([true, true, '"on"']);
    vi.unstubAllGlobals();
});

it('lets the newer screen go before, and forgets those of a screen that is gone', () => {
    const { keys, pressed } = board();
    keys.use(() => ({ s: { what: 'stop', press: () => pressed.push('stop') } }));
    keys.press(press('s'));
    gone.at(-1)?.();
    keys.press(press('s'));
    expect(pressed).toEqual(['stop', 's']);
});
