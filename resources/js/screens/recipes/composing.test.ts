import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { answer, server, storage } from '../../tests/page';
import { Composing, fetchPattern } from './composing.svelte';

const composed = (document: unknown): Response => answer(200, { lines: [], problem: null, document, strength: [], verdicts: [] });
const own = (more: object = {}): Schemas['Recipe'] =>
    ({
        slug: 'pot-neem',
        name: 'Pot neem',
        shipped: false,
        use: 'foliar',
        typed: ['1 L of water', '1 tsp neem'],
        document: { use: 'drench', order: 'blender', notes: 'n', lines: [{ ingredient: 'neem-oil' }, { stock: { slug: 's' } }] },
        ...more,
    }) as unknown as Schemas['Recipe'];

beforeEach(() => vi.stubGlobal('localStorage', storage()));
afterEach(() => vi.unstubAllGlobals());

it('starts empty, from a copy, or from one’s own to be changed', () => {
    expect(new Composing({ slug: null, recipe: null }).body).toMatchObject({ name: '', slug: null, lines: [''], from: null });
    expect(new Composing({ slug: null, recipe: own() }).body).toMatchObject({ name: 'Pot neem, my way', slug: null });
    const changed = new Composing({ slug: 'pot-neem', recipe: own() });
    expect(changed.body).toMatchObject({ name: 'Pot neem', slug: 'pot-neem', use: 'drench', order: 'blender', notes: 'n' });
    expect(changed.lines).toEqual(['1 L of water', '1 tsp neem']);
    // Its stocks are named on their lines: whose they are is said with it.
    expect(changed.body.from).toBe('pot-neem');
});

it('puts an answer where the unclear line stands', () => {
    const composing = new Composing({ slug: null, recipe: null });
    composing.text = '1 gallon\n1 oz soap\n1 tsp soda';
    composing.answer(1, '1 us fl oz soap');
    expect(composing.text).toBe('1 gallon\n1 us fl oz soap\n1 tsp soda');
});

it('keeps what is typed through a reload, each pattern its own', async () => {
    server(() => composed(null));
    const composing = new Composing({ slug: null, recipe: null });
    composing.name = 'Half done';
    composing.text = '2 tbsp neem';
    composing.hear(composing.body);
    await vi.waitFor(() => expect(composing.composed).not.toBeNull());
    expect(new Composing({ slug: null, recipe: null }).text).toBe('2 tbsp neem');
    expect(new Composing({ slug: 'pot-neem', recipe: own() }).text).toContain('1 tsp neem');
});

it('does not keep what is not understood, and says so; a failed save drops no draft', async () => {
    const composing = new Composing({ slug: null, recipe: null });
    composing.text = 'a boot of soap';
    server(() => composed(null));
    composing.hear(composing.body);
    await expect(composing.keep()).rejects.toThrow('A line is not understood yet');
    server(() => Promise.reject(new TypeError('no route')));
    await expect(composing.keep()).rejects.toThrow('What you entered is still here');
    expect(new Composing({ slug: null, recipe: null }).text).toBe('a boot of soap');
});

it('keeps the recipe that the server understood, and forgets the draft', async () => {
    const document = { slug: 'new' };
    const asked = server(({ path }) => (path === '/api/compose' ? composed(document) : answer(201, own())));
    const composing = new Composing({ slug: null, recipe: null });
    composing.text = '1 L of water';
    composing.hear(composing.body);
    expect((await composing.keep()).slug).toBe('pot-neem');
    expect(asked.at(-1)).toMatchObject({ path: '/api/recipes', method: 'POST', body: document });
    expect(new Composing({ slug: null, recipe: null }).text).toBe('');
});

it('changes one’s own, and copies what is shipped, whatever the address says', async () => {
    server(() => answer(200, own()));
    expect((await fetchPattern(new URLSearchParams('edit=pot-neem'))).slug).toBe('pot-neem');
    expect((await fetchPattern(new URLSearchParams('from=pot-neem'))).slug).toBeNull();
    server(() => answer(200, own({ shipped: true })));
    expect((await fetchPattern(new URLSearchParams('edit=pot-neem'))).slug).toBeNull();
    expect(await fetchPattern(new URLSearchParams())).toEqual({ slug: null, recipe: null });
});

it('writes a leaf spray, oil into its emulsifier first, until somebody says otherwise', () => {
    expect(new Composing({ slug: null, recipe: null }).body).toEqual({
        name: '',
        slug: null,
        use: 'foliar',
        order: 'emulsifier-first',
        notes: '',
        lines: [''],
        from: null,
    });
    const bare = own();
    delete (bare.document as { notes?: string }).notes;
    const composing = new Composing({ slug: 'pot-neem', recipe: bare });
    expect([composing.slug, composing.notes, composing.composed, composing.fault]).toEqual(['pot-neem', '', null, null]);
});

it('takes up all that was typed, for the recipe it was typed for', async () => {
    const asked = server(() => composed(null));
    const composing = new Composing({ slug: 'pot-neem', recipe: own() });
    composing.name = 'Mine';
    composing.use = 'foliar';
    composing.order = 'soap-then-oil';
    composing.notes = 'odd';
    composing.text = '1 L water';
    composing.hear(composing.body);
    await vi.waitFor(() => expect(composing.composed).not.toBeNull());
    expect(asked[0]).toMatchObject({ path: '/api/compose', method: 'POST', body: { name: 'Mine', slug: 'pot-neem' } });
    expect(new Composing({ slug: 'pot-neem', recipe: own() }).body).toEqual(composing.body);
    expect(new Composing({ slug: null, recipe: own() }).body).toMatchObject({ name: 'Pot neem, my way', notes: 'n' });
});

it('is based on the version that it was written on from, and on none where it is new', async () => {
    const seen: string[] = [];
    vi.stubGlobal('fetch', async (request: Request) => {
        seen.push(request.url.replace(/^.*\/api/, ''));
        return request.url.includes('compose') ? composed({ slug: 'x' }) : answer(201, own());
    });
    await new Composing({ slug: 'pot-neem', recipe: own({ version: 4 }) }).keep();
    await new Composing({ slug: 'pot-neem', recipe: own({ version: 4 }) }).keep((version) => version + 1);
    await new Composing({ slug: null, recipe: own({ version: 4 }) }).keep();
    expect(seen.filter((one) => one.startsWith('/recipes'))).toEqual(['/recipes?basedOn=4', '/recipes?basedOn=5', '/recipes?basedOn=0']);
});

it('says why it was not heard, and fetches the recipe that the address names', async () => {
    server(() => answer(422, { error: { path: '/name', message: 'Too long.' } }));
    const composing = new Composing({ slug: null, recipe: null });
    composing.hear(composing.body);
    await vi.waitFor(() => expect(composing.fault?.message).toBe('Too long.'));
    const asked = server(() => answer(200, own()));
    await fetchPattern(new URLSearchParams('from=a&edit=b'));
    expect(asked[0]?.path).toBe('/api/recipes/b');
});
