import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { storage } from '../tests/page';

const told = vi.hoisted((): [string, string][] => []);
vi.mock('./teller', () => ({ tell: (name: string, value: string) => void told.push([name, value]) }));

const page = { documentElement: { dataset: {} as Record<string, string> } };

beforeEach(() => {
    told.length = 0;
    page.documentElement.dataset = {};
    vi.resetModules();
    vi.stubGlobal('localStorage', storage());
    vi.stubGlobal('document', page);
});
afterEach(() => vi.unstubAllGlobals());

/** Opens the page on a machine that is dark or light. */
async function opened(dark: boolean): Promise<{ dark: boolean; flip: () => void }> {
    vi.stubGlobal('window', { matchMedia: (asked: string) => ({ matches: dark && asked === '(prefers-color-scheme: dark)' }) });
    return (await import('./theme.svelte')).theme;
}

it('is as the machine is, until somebody chooses', async () => {
    expect((await opened(true)).dark).toBe(true);
    expect(page.documentElement.dataset['theme']).toBe('shed');
    vi.resetModules();
    expect((await opened(false)).dark).toBe(false);
    expect(page.documentElement.dataset['theme']).toBe('enamel');
});

it('turns over, tells the other pages and the server, and remembers it whatever the machine is', async () => {
    const theme = await opened(false);
    theme.flip();
    expect([theme.dark, page.documentElement.dataset['theme']]).toEqual([true, 'shed']);
    vi.resetModules();
    const again = await opened(false);
    expect(again.dark).toBe(true);
    again.flip();
    expect([again.dark, page.documentElement.dataset['theme']]).toEqual([false, 'enamel']);
    vi.resetModules();
    expect((await opened(true)).dark).toBe(false);
    expect(told).toEqual([
        ['theme', 'shed'],
        ['theme', 'enamel'],
    ]);
});
