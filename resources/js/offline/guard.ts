import { Fault } from '../lib/fault';
import type { Parts } from '../lib/together';
import type { Device } from './device';
import { keepable } from './kinds';
import type { Outbox } from './outbox.svelte';

type Call = (request: Request) => Promise<Response>;

/** Each plan that was asked for is kept with its question: the same one is answered without a line. */
export const PLAN = 'plan ';
const PLANS = 8;
const OPENING = /^\/api\/opening/;
const BENCH = '/bench';
const PLAN_PATH = '/api/bench';
/** Whole notebooks and what is made for one look are not kept. */
const NOT_KEPT = /^\/api\/(log\.|ping|sign-ins|eye|devices)/;
const OK = 200;
const NOT_LET_IN = 401;

/** What is shown comes first. */
const LEISURE = 1200;
const atLeisure = (task: () => void): void => void setTimeout(task, LEISURE);

/**
 * Stands between the screens and the machine that serves: keeps what that answers, gives it out where no line is, and lets what
 * may wait do so.
 */
export class Guard {
    /** How many plans were worked out. */
    #plans = 0;

    constructor(
        private readonly call: Call,
        private readonly device: Device,
        private readonly outbox: Outbox,
        private readonly origin: string,
        private readonly clock: () => number = Date.now,
        private readonly where: () => string = () => (typeof location === 'undefined' ? '' : location.pathname + location.search),
        private readonly later: (task: () => void) => void = atLeisure,
    ) {}

    /** What came within the page was asked before anything stood between. */
    async takeUp(parts: Parts): Promise<void> {
        for (const [path, { status, body }] of Object.entries(parts)) {
            if (status === OK && !NOT_KEPT.test(path)) {
                await this.#keep(path, JSON.stringify(body), this.where());
            }
        }
    }

    async fetch(request: Request): Promise<Response> {
        const path = request.url.slice(this.origin.length);
        if (request.method === 'GET') {
            return this.#read(request, path);
        }
        if (path === PLAN_PATH) {
            return this.#plan(request);
        }
        const text = await request.clone().text();
        const fresh = keepable(request.method, path, (text === '' ? {} : JSON.parse(text)) as Record<string, unknown>);
        if (fresh === null) {
            return this.#heard(this.call(request));
        }
        // What was entered before goes before.
        if (this.outbox.waiting.length > 0) {
            await this.outbox.drain();
        }
        if (this.outbox.waiting.length === 0) {
            try {
                return await this.#heard(this.call(request));
            } catch {
                // No answer came: it waits.
            }
        }
        this.outbox.put(fresh);
        await this.outbox.written();
        throw new Fault(
            '',
            this.outbox.full
                ? say('offline/guard.this-device-has-no-room', { what: fresh.what })
                : say('offline/guard.kept-on-this-device-and', { what: fresh.what }),
            0,
            null,
            true,
        );
    }

    /** What was answered last stands in for what is not answered. */
    async #read(request: Request, path: string): Promise<Response> {
        const asker = this.where();
        let response: Response;
        try {
            response = await this.#heard(this.call(request));
        } catch (thrown) {
            return (await this.#before(path)) ?? Promise.reject(thrown as Error);
        }
        if (response.status === NOT_LET_IN) {
            void this.device.forgetAnswers().catch(() => undefined);
        } else if (response.ok && !NOT_KEPT.test(path) && response.headers.get('Content-Type')?.startsWith('application/json') === true) {
            const copy = response.clone();
            this.later(() => void copy.text().then((body) => this.#keep(path, body, asker)));
        }
        return response;
    }

    /** Hands wait for a plan: its question is read once that is there, and only the last of many is kept. */
    async #plan(request: Request): Promise<Response> {
        const asked = request.clone();
        // Whoever asked may be on another screen by the time it is kept.
        const asker = this.where();
        let response: Response;
        try {
            response = await this.#heard(this.call(request));
        } catch {
            const before = await this.#before(PLAN + (await asked.text()));
            if (before === null) {
                throw new Fault('', say('offline/guard.new-plan-needs-machine-that'));
            }
            return before;
        }
        if (response.ok) {
            const copy = response.clone();
            const mine = ++this.#plans;
            this.later(() => {
                if (mine === this.#plans) {
                    void Promise.all([asked.text(), copy.text()]).then(([question, body]) => this.#keep(PLAN + question, body, asker));
                }
            });
        }
        return response;
    }

    async #before(kept: string): Promise<Response | null> {
        const before = await this.device.answer(kept).catch(() => null);
        return before === null ? null : new Response(before.body, { status: OK, headers: { 'Content-Type': 'application/json' } });
    }

    async #keep(path: string, body: string, asker: string): Promise<void> {
        try {
            await this.device.keepAnswer(path, { body, at: this.clock(), where: asker });
            if (OPENING.test(path)) {
                // The first plan of a bench came with what it opens with.
                await this.device.keepAnswer(PLAN + path, {
                    body: '',
                    at: this.clock(),
                    where: asker.startsWith(BENCH) ? asker : BENCH,
                });
            }
            if (path.startsWith(PLAN)) {
                await this.device.prune(PLAN, PLANS);
            }
        } catch {
            this.outbox.full = true;
        }
    }

    async #heard(asked: Promise<Response>): Promise<Response> {
        try {
            const response = await asked;
            this.outbox.heard(true);
            return response;
        } catch (thrown) {
            this.outbox.heard(false);
            throw thrown;
        }
    }
}
