import type { Fault } from '../lib/fault';
import { line } from '../lib/line.svelte';
import { instantAt } from '../lib/time';
import { deviceClock } from './clock';
import type { Device } from './device';
import { Drawer, TABS } from './drawer.svelte';
import type { Entered, Entry, Fresh, Refusal } from './entry';
import { notebook as shown, type Notebook } from './notebook.svelte';
import { faultOf, hadArrived, isHeld, refusalIn } from './refusal';

/** How often what waits is sent again, in ms. */
const AGAIN = 4000;
/** So many numbers a millisecond has: their products stay whole numbers for centuries. */
const IN_ONE_MS = 4096;
/** So many go out in one call, which costs more than what most of them do; what is more is refused, and told one by one. */
const TOGETHER = 25;

/** As a version before named records: a row number may be another record by now, and nobody can tell. */
const BY_ROW = /^[a-z-]+\/\d+$/;

/** Whoever shows what an entry is of hears what became of it. */
export interface Listener {
    sent(entry: Entry, answer: unknown): void;
    refused(entry: Entry, fault: Fault): void;
}

/** How what waits reaches the server, without any of what is here between. */
export interface Way {
    /** Answers in order; fewer where the others come later, and none where so many do not go together. Throws where nothing answers. */
    send(entries: readonly Entry[]): Promise<readonly Response[]>;
    /** Throws where nothing answers. */
    knock(): Promise<unknown>;
}

/** What was entered on this device and waits for the server: kept until it was taken, and sent in the order in which it was entered. */
export class Outbox {
    /** Nothing answers. */
    down = $state(false);
    /** Why what waits is not taken, where something answers. */
    held = $state.raw<Fault | null>(null);
    readonly ready: Promise<void>;
    readonly #drawer: Drawer;
    readonly #listeners: Record<string, Listener> = {};
    #sending: Promise<unknown> = Promise.resolve();
    #timer: ReturnType<typeof setTimeout> | undefined;
    #last = 0;
    /** Something was taken that no tick is: what is shown may be old. */
    #isNews = false;
    /** The line is back, or what waited is sent: what is shown may be old. */
    onNews: () => void = () => undefined;

    constructor(
        device: Device,
        private readonly way: Way,
        private readonly clock: () => number = Date.now,
        private readonly notebook: Notebook = shown,
    ) {
        this.#drawer = new Drawer(device);
        this.ready = this.#drawer.ready;
    }

    get entries(): readonly Entry[] {
        return this.#drawer.entries;
    }

    /** This device has no room left: what is entered lasts as long as this page. */
    get full(): boolean {
        return this.#drawer.full;
    }

    set full(full: boolean) {
        this.#drawer.full = full;
    }

    get waiting(): readonly Entry[] {
        return this.entries.filter((one) => one.refused === null);
    }

    /** Those that are of something and wait. */
    of(group: string): readonly Entry[] {
        return this.waiting.filter((one) => one.group === group);
    }

    /** The last that listens to a group is the one on the screen. */
    listen(group: string, listener: Listener): void {
        this.#listeners[group] = listener;
    }

    /** Keeps it, in place of what waits under the same key. */
    put(fresh: Fresh): Entry {
        return this.#keep(fresh, []);
    }

    drop(entry: Entry): void {
        this.#drawer.replace([entry.id], null);
    }

    /** What the server refused is sent in another form. */
    instead(refused: Entry, fresh: Fresh): void {
        this.#keep(fresh, [refused.id], { of: refused.of, mark: refused.mark, at: refused.at, known: refused.known });
        void this.drain();
    }

    /** What was entered for another notebook goes where whoever entered it says, with its own hour. */
    putWhere(astray: Entry, fresh: Fresh): void {
        this.#keep(fresh, [astray.id], { of: astray.of, mark: this.notebook.mark, at: astray.at, known: astray.known });
        void this.drain();
    }

    /** Sends what waits, in order; whoever asks meanwhile comes after. */
    drain(): Promise<void> {
        const next = this.#sending.then(() => this.#alone(() => this.#pass()));
        this.#sending = next.catch(() => undefined);
        return next;
    }

    /** Everything is in the database of this device. */
    async written(): Promise<void> {
        await this.#drawer.written();
    }

    /** The server answered, or did not. */
    heard(answered: boolean): void {
        if (answered && this.down) {
            void this.drain();
        } else if (!answered) {
            this.down = true;
            this.#later();
        }
    }

    #keep(fresh: Fresh, instead: readonly number[], entered: Entered | null = null): Entry {
        const now = this.clock();
        // In order also where two come in one millisecond, or the clock is set back; another tab draws its own numbers.
        const drawn = now * IN_ONE_MS + Math.floor(Math.random() * IN_ONE_MS);
        this.#last = Math.max(this.#last + 1, drawn, (this.entries.at(-1)?.id ?? 0) + 1);
        const said = entered ?? {
            of: line.names.get(fresh.group) ?? '',
            mark: this.notebook.mark,
            at: instantAt(now),
            known: deviceClock.known,
        };
        const entry: Entry = { ...fresh, ...said, id: this.#last, refused: null };
        const replaced = this.waiting.filter((one) => one.key !== null && one.key === entry.key).map((one) => one.id);
        this.#drawer.replace([...instead, ...replaced], entry);
        return entry;
    }

    async #pass(): Promise<void> {
        await this.#drawer.ready;
        await this.#drawer.written();
        if (this.down && this.waiting.length === 0) {
            await this.#knock();
        }
        const wasDown = this.down;
        await this.#sendAll();
        // Once for all that went out: each would load the screen anew.
        if (this.#isNews || (wasDown && !this.down)) {
            this.#isNews = false;
            this.onNews();
        }
    }

    /** Nothing is to be sent: whether anybody answers. */
    async #knock(): Promise<void> {
        try {
            await this.way.knock();
            this.down = false;
            this.onNews();
        } catch {
            this.#later();
        }
    }

    async #sendAll(): Promise<void> {
        this.waiting.filter((one) => BY_ROW.test(one.group)).forEach((one) => this.#refuse(one, LOST));
        let tried: readonly number[] = [];
        let most = TOGETHER;
        for (;;) {
            const some = this.waiting.filter((one) => !tried.includes(one.id)).slice(0, most);
            if (some.length === 0) {
                return;
            }
            const answered = await this.#sendSome(some);
            if (answered === null) {
                return;
            }
            tried = [...tried, ...answered.map((one) => one.id)];
            if (answered.length === 0 && most === 1) {
                this.#later();
                return;
            }
            // Where so many do not go together, they go one by one.
            most = answered.length === 0 ? 1 : most;
        }
    }

    /** @returns those that were answered; null where what waits has to wait on */
    async #sendSome(some: readonly Entry[]): Promise<readonly Entry[] | null> {
        let responses: readonly Response[];
        try {
            responses = await this.way.send(some);
        } catch {
            this.down = true;
            this.#later();
            return null;
        }
        this.down = false;
        const answered = some.slice(0, responses.length);
        for (const [i, entry] of answered.entries()) {
            const response = responses[i] as Response;
            if (isHeld(response.status)) {
                this.held = faultOf(await refusalIn(response));
                this.#later();
                return null;
            }
            this.held = null;
            await this.#answered(entry, response);
        }
        return answered;
    }

    async #answered(entry: Entry, response: Response): Promise<void> {
        const listener = this.#listeners[entry.group];
        const astray = this.notebook.isOfAnother(response, entry.mark);
        const refused = response.ok ? null : { ...(await refusalIn(response)), ...(astray ? { astray } : {}) };
        if (refused === null || hadArrived(refused)) {
            const answer: unknown = refused === null ? await response.json().catch(() => null) : null;
            this.drop(entry);
            listener?.sent(entry, answer);
            this.#isNews ||= entry.key === null;
            return;
        }
        // A tick is told where it was made; all else stays here until somebody has seen it.
        if (entry.key !== null && listener !== undefined && !astray) {
            this.drop(entry);
            listener.refused(entry, faultOf(refused));
            return;
        }
        this.#refuse(entry, refused);
    }

    /** It stays here until somebody has decided; what was taken out meanwhile does not come back. */
    #refuse(entry: Entry, refused: Refusal): void {
        if (this.entries.some((one) => one.id === entry.id)) {
            this.#drawer.replace([], { ...entry, refused });
        }
    }

    /** Two tabs do not send at the same time, where the browser can tell them apart. */
    async #alone(pass: () => Promise<void>): Promise<void> {
        await (typeof navigator === 'undefined' || !('locks' in navigator) ? pass() : navigator.locks.request(TABS, pass));
    }

    #later(): void {
        clearTimeout(this.#timer);
        this.#timer = setTimeout(() => void this.drain(), AGAIN);
    }
}

/** What belongs to a record that nobody can tell any more. */
const LOST: Refusal = { path: '', message: '', status: 0, conflict: null, astray: true };
