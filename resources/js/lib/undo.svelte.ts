import { onDestroy } from 'svelte';
import { apply, INVERSE, type Kind, type Step } from './corrections';
import { Fault, type Conflict } from './fault';
import { isInstant } from './time';

/** Where to go when the screen of what was taken back is gone. */
type Leave = '/bench' | '/batches' | '/plants' | '/shed';

/** What was sent before had arrived, though its answer was lost: says so, and what it was. */
export function arrived(what: string, earlier: Conflict): string {
    // When it was is told by the record itself.
    const was = earlier.fields
        .filter((field) => !isInstant(field.saved))
        .map((field) => `${field.name} ${field.saved}`)
        .join(', ');
    return say('lib/undo.saved-what-you-sent-before', { what, was: was === '' ? '' : ` (${was})` });
}

/** A record, and which version of it. */
export interface Version {
    id: number;
    key: string;
    version: number;
}

interface Offer extends Version {
    kind: Kind;
    /** The version that is undone; another by then is left alone. */
    version: number;
    /** What the record is called, to begin a sentence with. */
    what: string;
    /** What undoes it. */
    step: Step;
    /** What was done, in words. */
    said: string;
    /** The screen to go to once it is taken back, where the one that shows it is gone then. */
    leave?: Leave;
}

/** What its own call undoes. */
interface Back {
    said: string;
    back: () => Promise<unknown>;
}

const DONE: Record<Step, string> = {
    'take-back': say('lib/undo.taken-back'),
    'put-back': say('lib/undo.put-back'),
    undo: say('lib/undo.as-was-before'),
    reopen: say('lib/undo.open-again'),
};

/** It stays over the screen where something was saved and the one that this leads to: who has gone on finds the way back at the record. */
const SCREENS = 1;

/** What shows no record of its own has no other way back. */
const ONLY_HERE: readonly Kind[] = ['moves', 'sprayer-events'];

/** The way back from what was saved last, until something else is saved or somebody has gone on. */
export class Undo {
    offer = $state.raw<Offer | Back | null>(null);
    fault = $state.raw<Fault | null>(null);
    busy = $state(false);
    #followers: (() => Promise<void>)[] = [];
    #moves = 0;

    /** Another screen is gone to. What was refused stays until it is put away. */
    moved(): void {
        const offer = this.offer;
        if (offer === null || this.fault !== null || this.busy || ('kind' in offer && ONLY_HERE.includes(offer.kind))) {
            return;
        }
        if (++this.#moves > SCREENS) {
            this.close();
        }
    }

    /** Something new was saved. */
    made(kind: Kind, saved: Version, what: string, leave?: Leave, said = say('lib/undo.saved', { what })): void {
        this.#show({ ...saved, kind, what, step: 'take-back', said, ...(leave === undefined ? {} : { leave }) });
    }

    /** Something was changed by a step that another step undoes. */
    changed(kind: Kind, saved: Version, what: string, said: string, step: Step = 'undo'): void {
        this.#show({ ...saved, kind, what, step, said });
    }

    /** Something was done that its own way back undoes. */
    done(said: string, back: () => Promise<unknown>): void {
        this.offer = { said, back };
        this.fault = null;
        this.#moves = 0;
    }

    /** Takes it back, or puts it back, and offers the way back from there. */
    async does(step: Step, kind: Kind, from: Version, what: string, leave?: Leave): Promise<Leave | null> {
        if (this.busy) {
            return null;
        }
        this.busy = true;
        this.fault = null;
        try {
            const version = await apply(step, kind, from.key, from.version);
            this.#show({ ...from, kind, version, what, step: INVERSE[step], said: `${what} ${DONE[step]}.` });
            await this.refresh();
            return step === 'take-back' ? (leave ?? null) : null;
        } catch (thrown) {
            this.fault = Fault.from(thrown);
            return null;
        } finally {
            this.busy = false;
        }
    }

    /** Returns the screen to go to, where the one that is shown is gone. */
    async undo(): Promise<Leave | null> {
        const offer = this.offer;
        if (offer === null) {
            return null;
        }
        if (!('back' in offer)) {
            return this.does(offer.step, offer.kind, offer, offer.what, offer.leave);
        }
        this.busy = true;
        this.fault = null;
        try {
            await offer.back();
            this.offer = null;
            await this.refresh();
        } catch (thrown) {
            this.fault = Fault.from(thrown);
        } finally {
            this.busy = false;
        }
        return null;
    }

    close(): void {
        this.offer = null;
        this.fault = null;
    }

    /** Fetches what a screen shows again whenever something was undone, for as long as the screen is there. */
    followedBy(screen: { reload: () => Promise<void> }): void {
        const follow = (): Promise<void> => screen.reload();
        this.#followers = [...this.#followers, follow];
        onDestroy(() => (this.#followers = this.#followers.filter((one) => one !== follow)));
    }

    /** What is shown may be old: it is fetched again. */
    async refresh(): Promise<void> {
        await Promise.all(this.#followers.map((follow) => follow()));
    }

    #show(offer: Offer): void {
        this.offer = offer;
        this.fault = null;
        this.#moves = 0;
    }
}

export const undo = new Undo();
