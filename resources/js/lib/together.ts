/** What one address of the API answered, inside the answer to several. */
interface Part {
    status: number;
    body: unknown;
}

export type Parts = Record<string, Part>;

interface Asked {
    path: string;
    answer: (response: Response) => void;
    fail: (fault: unknown) => void;
}

const JSON_HEADERS = { 'Content-Type': 'application/json' };

function responseOf(part: Part): Response {
    return new Response(JSON.stringify(part.body), { status: part.status, headers: JSON_HEADERS });
}

/** How long what came within the page is what the server would say, in ms. */
const GOOD_FOR = 10_000;

/** What is asked with a body, and keeps nothing. */
const RECKONS = /^\/api\/(bench|plan|diagnosis|sums|need|reach|way-out|compose|compare|seasons|cases\/[^/]+\/rounds-ahead)$/;

/** What came within the page; each is good once, and none after something was written. */
export function read(): Parts {
    try {
        return JSON.parse(document.getElementById('answers')?.textContent ?? '{}') as Parts;
    } catch {
        return {};
    }
}

/** The script runs while the page still comes. */
export function pageIsThere(): Promise<void> {
    return document.readyState === 'loading'
        ? new Promise((there) => document.addEventListener('DOMContentLoaded', () => there(), { once: true }))
        : Promise.resolve();
}

/**
 * Questions that are asked in one breath go to the server in one call, and what came within the page is not asked again:
 * a screen costs one call, or none.
 */
export class Together {
    #within: Parts;
    /** The page is still coming, and what is asked may come within it. */
    #comes: Promise<void> | null = null;
    /** By then a screen has asked for what came with it; later it may have changed. */
    readonly #until = performance.now() + GOOD_FOR;
    #waiting: Asked[] = [];

    constructor(
        private readonly call: (request: Request) => Promise<Response>,
        private readonly origin: string,
        within: Parts | null = null,
    ) {
        this.#within = within ?? {};
        if (within === null && typeof document !== 'undefined') {
            this.#comes = pageIsThere().then(() => {
                this.#within = read();
                this.#comes = null;
            });
        }
    }

    async fetch(request: Request): Promise<Response> {
        await this.#comes;
        const path = request.url.slice(this.origin.length);
        if (request.method !== 'GET') {
            this.#within = RECKONS.test(path) ? this.#within : {};
            return this.call(request);
        }
        const known = performance.now() < this.#until ? this.#within[path] : undefined;
        if (known !== undefined) {
            const { [path]: taken, ...rest } = this.#within;
            this.#within = rest;
            return responseOf(taken ?? known);
        }
        return new Promise((answer, fail) => {
            this.#waiting.push({ path, answer, fail });
            if (this.#waiting.length === 1) {
                setTimeout(() => void this.#ask(), 0);
            }
        });
    }

    async #ask(): Promise<void> {
        const asked = this.#waiting;
        this.#waiting = [];
        try {
            const alone = asked.length === 1 ? asked[0] : undefined;
            if (alone !== undefined) {
                alone.answer(await this.call(new Request(this.origin + alone.path)));
                return;
            }
            const paths = [...new Set(asked.map((one) => one.path))];
            const query = new URLSearchParams(paths.map((path) => ['get[]', path]));
            const answer = await this.call(new Request(`${this.origin}/api/several?${query.toString()}`));
            const parts = answer.ok ? ((await answer.clone().json()) as Parts) : {};
            for (const one of asked) {
                const part = parts[one.path];
                one.answer(part === undefined ? answer.clone() : responseOf(part));
            }
        } catch (thrown) {
            for (const one of asked) {
                one.fail(thrown);
            }
        }
    }
}
