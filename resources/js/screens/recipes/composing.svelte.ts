import { api, taken, type Schemas } from '../../lib/client';
import { Fault } from '../../lib/fault';
import { Kept } from '../../lib/kept';
import { Latest } from '../../lib/latest.svelte';
import { MethodOf, type MethodDraft } from './method.svelte';

type Use = Schemas['Composing']['use'];
type Order = Schemas['Composing']['order'];

/** What is being written stays on this device until it is kept, whatever happens to the page. */
const DRAFT = new Kept('idle-mixer-draft');

interface Draft {
    key: string;
    name: string;
    use: Use;
    order: Order;
    notes: string;
    text: string;
    method?: MethodDraft;
}

export interface Pattern {
    /** Set when a recipe of one's own gets another version. */
    slug: string | null;
    recipe: Schemas['Recipe'] | null;
}

/** A recipe while it is being written. */
export class Composing {
    name = $state('');
    use = $state<Use>('foliar');
    order = $state<Order>('emulsifier-first');
    notes = $state('');
    text = $state('');
    readonly method = new MethodOf();
    readonly #slug: string | null;
    /** Which version is written on from; 0 for a recipe of its own. */
    readonly #version: number;
    readonly #key: string;
    readonly #heard = new Latest<Schemas['Composed']>();
    /** The recipe that is written on from: its stocks are known by their names. */
    readonly #from: string | null;

    constructor({ slug, recipe }: Pattern) {
        this.#slug = slug;
        this.#from = recipe?.slug ?? null;
        this.#version = slug === null ? 0 : (recipe?.version ?? 0);
        this.#key = `${slug ?? ''}/${recipe?.slug ?? ''}`;
        if (recipe !== null) {
            this.take(recipe);
            this.name = slug === null ? say('recipes/composing.my-way', { name: recipe.name }) : recipe.name;
        }
        this.#takeUp();
    }

    /** The slug of the recipe of one's own that gets another version; null for a new one. */
    get slug(): string | null {
        return this.#slug;
    }

    /** Puts what a recipe says in place of what is typed. */
    take(recipe: Schemas['Recipe']): void {
        this.name = recipe.name;
        this.use = recipe.document.use;
        this.order = recipe.document.order;
        this.notes = recipe.document.notes ?? '';
        this.text = recipe.typed.join('\n');
        this.method.take(recipe.document.method);
    }

    get lines(): string[] {
        return this.text.split('\n');
    }

    get composed(): Schemas['Composed'] | null {
        return this.#heard.value;
    }

    get fault() {
        return this.#heard.fault;
    }

    get body(): Schemas['Composing'] {
        return {
            name: this.name,
            slug: this.#slug,
            use: this.use,
            order: this.order,
            notes: this.notes,
            lines: this.lines,
            from: this.#from,
        };
    }

    /** Puts an answer where the unclear line stands. */
    answer(index: number, line: string): void {
        this.text = this.lines.map((old, i) => (i === index ? line : old)).join('\n');
    }

    hear(body: Schemas['Composing']): void {
        const draft: Draft = {
            key: this.#key,
            name: body.name,
            use: body.use,
            order: body.order,
            notes: body.notes,
            text: this.text,
            method: $state.snapshot(this.method.draft),
        };
        DRAFT.keep(draft);
        void this.#heard.ask(() => taken(api.POST('/api/compose', { body })));
    }

    /** Keeps what was written as a recipe; what is typed stays until it was taken. */
    async keep(basedOn: (version: number) => number = (version) => version): Promise<Schemas['Recipe']> {
        const composed = await taken(api.POST('/api/compose', { body: this.body }));
        if (composed.document === null) {
            throw new Fault('/lines', say('recipes/composing.line-not-understood-yet-see'));
        }
        const method = this.method.document;
        const body = method === undefined ? composed.document : { ...composed.document, version: 2 as const, method };
        const kept = await taken(api.POST('/api/recipes', { params: { query: { basedOn: basedOn(this.#version) } }, body }));
        DRAFT.drop();
        return kept;
    }

    #takeUp(): void {
        const draft = DRAFT.read() as Draft | null;
        if (draft?.key === this.#key) {
            Object.assign(this, { name: draft.name, use: draft.use, order: draft.order, notes: draft.notes, text: draft.text });
            this.method.draft = draft.method ?? {};
        }
    }
}

/** The recipe that is written on from, as the address names it. */
export async function fetchPattern(query: URLSearchParams): Promise<Pattern> {
    const edit = query.get('edit');
    const slug = edit ?? query.get('from');
    const recipe = slug === null ? null : await taken(api.GET('/api/recipes/{slug}', { params: { path: { slug } } }));
    return { slug: recipe !== null && !recipe.shipped && edit !== null ? recipe.slug : null, recipe };
}
