import type { Schemas } from '../../lib/client';
import { Fault } from '../../lib/fault';

type Outlook = Schemas['Outlook'];
type Moved = Schemas['MovedRounds'];

/** Of these, the one whose round is nearest to a day. */
function nearestOf(may: Outlook[], which: number, on: string): Outlook | null {
    const apart = (one: Outlook): number => Math.abs(Date.parse(one.rounds[which] ?? '') - Date.parse(on));
    return may.reduce<Outlook | null>((best, one) => (best === null || apart(one) < apart(best) ? one : best), null);
}

/** Rounds to come on days of the gardener's own, before they are kept: what comes of each day is asked once, and shown at once. */
export class Moving {
    on = $state.raw<string[]>([]);
    /** By round: what comes of each day that it may be moved to. */
    answers = $state.raw<Moved[]>([]);
    /** What is under the finger. */
    under = $state.raw<Outlook | null>(null);
    fault = $state.raw<Fault | null>(null);
    #asked = 0;

    /**
     * @param ask   what would come of rounds on these days, and of others for one of them
     * @param begin the rounds that are changed; null where none is planned
     */
    constructor(
        private readonly ask: (on: string[], which: number) => Promise<Moved>,
        begin: Outlook | null,
    ) {
        void this.set(begin?.rounds ?? [], begin);
    }

    get shown(): Outlook | null {
        return this.under ?? this.answers[0]?.asAsked ?? null;
    }

    get more(): Outlook | null {
        return this.answers[0]?.more ?? null;
    }

    /** Other days: what was known of those before is shown until this is told. */
    async set(on: string[], meanwhile: Outlook | null = null): Promise<void> {
        const asked = ++this.#asked;
        this.on = on;
        this.under = meanwhile === null ? null : { ...meanwhile, kind: 'planned' };
        this.fault = null;
        const which = on.length === 0 ? [0] : on.keys();
        try {
            const answers = await Promise.all(Array.from(which, (one) => this.ask(on, one)));
            if (asked === this.#asked) {
                this.answers = answers;
                this.under = null;
            }
        } catch (thrown) {
            if (asked === this.#asked) {
                this.fault = Fault.from(thrown);
                this.under = null;
                this.on = this.answers[0]?.asAsked.rounds ?? on;
            }
        }
    }

    /** Whether what is there is that of these days. */
    get known(): boolean {
        return this.answers[0]?.asAsked.rounds.join() === this.on.join();
    }

    /** The nearest day to this one that a round may be moved to. */
    nearest(which: number, on: string): Outlook | null {
        return nearestOf(this.#may(which), which, on);
    }

    /** Under the finger, not let go yet. */
    drag(which: number, on: string): void {
        this.under = this.nearest(which, on) ?? this.under;
    }

    drop(): void {
        if (this.under !== null && this.under.rounds.join() !== this.on.join()) {
            void this.set(this.under.rounds, this.under);
        } else {
            this.under = null;
        }
    }

    /** The next day in that direction that a round may be moved to; null where there is none. */
    beside(which: number, later: boolean): Outlook | null {
        const now = this.on[which] ?? '';
        const there = (one: Outlook): string => one.rounds[which] ?? '';
        return nearestOf(
            this.#may(which).filter((one) => (later ? there(one) > now : there(one) < now)),
            which,
            now,
        );
    }

    take(outlook: Outlook | null | undefined): void {
        if (outlook) {
            void this.set(outlook.rounds, outlook);
        }
    }

    #may(which: number): Outlook[] {
        return this.known ? (this.answers[which]?.moved ?? []) : [];
    }
}
