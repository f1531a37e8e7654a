import { expect, it, vi } from 'vitest';
import { KeyBoard } from './keys.svelte';

vi.mock('svelte', async (real) => ({ ...(await real<object>()), onDestroy: () => undefined }));

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
