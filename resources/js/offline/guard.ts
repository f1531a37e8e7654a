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
const LEISURE = 400;
const atLeisure = (task: () => void): void => void setTimeout(task, LEISURE);

/**
 * Stands between the screens and the machine that serves: keeps what that answers, gives it out where no line is, and lets what
 * may wait do so.
 */
export class Guard {
    constructor(
        private readonly call: Call,
        private readonly device: Device,
        private readonly outbox: Outbox,
        private readonly origin: string,
        private readonly clock: () => number = Date.now,
        private readonly where: () => string = () => location.pathname + location.search,
        private readonly later: (task: () => void) => void = atLeisure,
    ) {}

    /** What came within the page was asked before anything stood between. */
    async takeUp(parts: Parts): Promise<void> {
        for (const [path, { status, body }] of Object.entries(parts)) {
            if (status === OK && !NOT_KEPT.test(path)) {
                await this.#keep(path, JSON.stringify(body));
            }
        }
    }

    async fetch(request: Request): Promise<Response> {
        const path = request.url.slice(this.origin.length);
        if (request.method === 'GET') {
            return this.#read(request, path, path);
        }
        const text = await request.clone().text();
        if (path === PLAN_PATH) {
            return this.#read(request, path, PLAN + text);
        }
        const now = new Date(this.clock()).toISOString();
        const fresh = keepable(request.method, path, (text === '' ? {} : JSON.parse(text)) as Record<string, unknown>, now);
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
                ? `${fresh.what}: this device has no room left to keep it. Leave this page open until the machine that serves answers: it is sent then.`
                : `${fresh.what} is kept on this device, and is sent once the machine that serves answers.`,
            0,
            null,
            true,
        );
    }

    /** What was answered last stands in for what is not answered. */
    async #read(request: Request, path: string, kept: string): Promise<Response> {
        let response: Response;
        try {
            response = await this.#heard(this.call(request));
        } catch (thrown) {
            const before = await this.device.answer(kept).catch(() => null);
            if (before === null) {
                throw path === PLAN_PATH
                    ? new Fault(
                          '',
                          'A new plan needs the machine that serves, and it does not answer. What was worked out here before is still there.',
                      )
                    : thrown;
            }
            return new Response(before.body, { status: 200, headers: { 'Content-Type': 'application/json' } });
        }
        if (response.status === NOT_LET_IN) {
            void this.device.forgetAnswers().catch(() => undefined);
        } else if (response.ok && !NOT_KEPT.test(path) && response.headers.get('Content-Type')?.startsWith('application/json') === true) {
            const copy = response.clone();
            this.later(() => void copy.text().then((body) => this.#keep(kept, body)));
        }
        return response;
    }

    async #keep(path: string, body: string): Promise<void> {
        try {
            await this.device.keepAnswer(path, { body, at: this.clock(), where: this.where() });
            if (OPENING.test(path)) {
                // The first plan of a bench came with what it opens with.
                await this.device.keepAnswer(PLAN + path, {
                    body: '',
                    at: this.clock(),
                    where: this.where().startsWith(BENCH) ? this.where() : BENCH,
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
