import { Fault } from '../lib/fault';
import { line } from '../lib/line.svelte';
import { instantAt, isInstant } from '../lib/time';
import { deviceClock } from './clock';
import type { Device } from './device';
import { isHeld, type Entered, type Entry, type Fresh, type Refusal } from './entry';
import { notebook as shown, type Acted, type Notebook } from './notebook.svelte';

/** How often what waits is sent again, in ms. */
const AGAIN = 4000;
/** So many numbers a millisecond has: their products stay whole numbers for centuries. */
const IN_ONE_MS = 4096;
const LOCK = 'idle-mixer-outbox';
/** Where more wait, several go out in one call: a call costs more than what most of them do. */
const FEW = 8;
const SEVERAL = 25;

/** As a version before named records: a row number may be another record by now, and nobody can tell. */
const BY_ROW = /^[a-z-]+\/\d+$/;

/** Whoever shows what an entry is of hears what became of it. */
export interface Listener {
    sent(entry: Entry, answer: unknown): void;
    refused(entry: Entry, fault: Fault): void;
}

async function refusalIn(response: Response): Promise<Refusal> {
    // A body may be no object at all, and must not stop what waits behind.
    const said = (await response.json().catch(() => null)) as {
        error?: { path?: string; message?: string };
        conflict?: Refusal['conflict'];
    } | null;
    return {
        path: said?.error?.path ?? '',
        message: said?.error?.message ?? say('offline/outbox.answer-could-not-be-read', { status: response.status }),
        status: response.status,
        conflict: said?.conflict ?? null,
    };
}

export const faultOf = (refusal: Refusal): Fault => new Fault(refusal.path, refusal.message, refusal.status, refusal.conflict);

const without = (all: readonly number[], some: readonly number[]): readonly number[] => all.filter((one) => !some.includes(one));

/** It was taken the first time, though the answer was lost: nothing differs but the hour, which the server had written down itself. */
function hadArrived(refusal: Refusal): boolean {
    const told = refusal.conflict?.fields.every((one) => isInstant(one.saved) && isInstant(one.sent));
    return refusal.path === '/submission' && told === true;
}

/**
 * What was entered on this device and waits for the server: in the database of this device until it was taken, through a reload
 * or a locked screen, sent one after the other in the order in which it was entered, and shared by the tabs that show it.
 */
export class Outbox {
    entries = $state.raw<readonly Entry[]>([]);
    /** Nothing answers. */
    down = $state(false);
    /** Why what waits is not taken, where something answers. */
    held = $state.raw<Fault | null>(null);
    /** This device has no room left: what is entered lasts as long as this page. */
    full = $state(false);
    readonly ready: Promise<void>;
    readonly #listeners: Record<string, Listener> = {};
    readonly #others: BroadcastChannel | null;
    #sending: Promise<unknown> = Promise.resolve();
    #writing: Promise<unknown> = Promise.resolve();
    #timer: ReturnType<typeof setTimeout> | undefined;
    #last = 0;
    /** Something was taken that no tick is: what is shown may be old. */
    #isNews = false;
    #unwritten: readonly number[] = [];
    #undropped: readonly number[] = [];
    /** What is on the device is being read: another tab may have changed it. */
    #reading: Promise<void>;
    /** The line is back, or what waited is sent: what is shown may be old. */
    onNews: () => void = () => undefined;

    /** @param call asks the server, without any of what is here between */
    constructor(
        private readonly device: Device,
        private readonly call: (method: Entry['method'] | 'GET', path: string, body: unknown, acted: Acted | null) => Promise<Response>,
        private readonly clock: () => number = Date.now,
        private readonly notebook: Notebook = shown,
        /** Asks for several at once: their answers in order, fewer where one has to wait on, and none where they have to go one by one. */
        private readonly several: (entries: readonly Entry[]) => Promise<readonly Response[]> = async () => Promise.resolve([]),
    ) {
        this.#others = typeof BroadcastChannel === 'undefined' || typeof document === 'undefined' ? null : new BroadcastChannel(LOCK);
        this.#others?.addEventListener('message', () => {
            this.#reading = this.#read();
        });
        this.ready = this.#reading = this.#read();
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
        this.entries = this.entries.filter((one) => one.id !== entry.id);
        this.#write([entry.id], null);
    }

    /** What the server refused is sent in another form: both in one write, or a page that goes in between loses it. */
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
        await this.#writing;
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
        const replaced = [...instead, ...this.waiting.filter((one) => one.key !== null && one.key === entry.key).map((one) => one.id)];
        this.entries = [...this.entries.filter((one) => !replaced.includes(one.id)), entry];
        this.#write(replaced, entry);
        return entry;
    }

    async #pass(): Promise<void> {
        await this.#reading;
        await this.#writing;
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
            await this.call('GET', '/api/ping', null, null);
            this.down = false;
            this.onNews();
        } catch {
            this.#later();
        }
    }

    async #sendAll(): Promise<void> {
        let tried: readonly number[] = [];
        for (;;) {
            const next = this.waiting.filter((one) => !tried.includes(one.id));
            const [entry] = next;
            if (entry === undefined) {
                return;
            }
            if (BY_ROW.test(entry.group)) {
                tried = [...tried, entry.id];
                this.#refuse(entry, { path: '', message: '', status: 0, conflict: null, astray: true });
                continue;
            }
            let responses: readonly Response[];
            try {
                responses = next.length > FEW ? await this.several(next.filter((one) => !BY_ROW.test(one.group)).slice(0, SEVERAL)) : [];
                if (responses.length === 0) {
                    responses = [await this.call(entry.method, entry.path, entry.body, entry)];
                }
            } catch {
                this.down = true;
                this.#later();
                return;
            }
            this.down = false;
            const sent = next.filter((one) => !BY_ROW.test(one.group));
            for (const [i, response] of responses.entries()) {
                const one = sent[i];
                if (one === undefined) {
                    break;
                }
                if (isHeld(response.status)) {
                    this.held = faultOf(await refusalIn(response));
                    this.#later();
                    return;
                }
                this.held = null;
                tried = [...tried, one.id];
                await this.#answered(one, response);
            }
        }
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

    /** It stays here until somebody has decided. */
    #refuse(entry: Entry, refused: Refusal): void {
        const told = { ...entry, refused };
        this.entries = this.entries.map((one) => (one.id === entry.id ? told : one));
        this.#write([], told);
    }

    /** Two tabs do not send at the same time, where the browser can tell them apart. */
    async #alone(pass: () => Promise<void>): Promise<void> {
        await (typeof navigator === 'undefined' || !('locks' in navigator) ? pass() : navigator.locks.request(LOCK, pass));
    }

    #later(): void {
        clearTimeout(this.#timer);
        this.#timer = setTimeout(() => void this.drain(), AGAIN);
    }

    async #read(): Promise<void> {
        await this.#writing;
        const kept = await this.device.entries().catch(() => null);
        if (kept !== null) {
            // What is not written yet, or could not be, is here alone; what is to go is there still.
            const alone = this.entries.filter((one) => this.#unwritten.includes(one.id));
            const there = kept.filter((one) => !this.#undropped.includes(one.id) && !this.#unwritten.includes(one.id));
            this.entries = [...there, ...alone].sort((a, b) => a.id - b.id);
        }
    }

    #write(dropped: readonly number[], kept: Entry | null): void {
        this.#unwritten = [...without(this.#unwritten, dropped), ...(kept === null ? [] : [kept.id])];
        this.#undropped = [...this.#undropped, ...dropped];
        this.#writing = this.#writing
            .then(() => this.device.replace(dropped, kept))
            .then(() => {
                this.full = false;
                this.#undropped = without(this.#undropped, dropped);
                this.#unwritten = without(this.#unwritten, kept === null ? [] : [kept.id]);
                this.#others?.postMessage('changed');
            })
            .catch(() => {
                this.full = true;
            });
    }
}
