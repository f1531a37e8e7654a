import { deviceClock, type DeviceClock, type Known } from './clock';
import { Kept } from '../lib/kept';

export const MARK = 'Notebook-Mark';
const AHEAD = 'Clock-Ahead';
const CLOCK = 'Device-Clock';
/** What a call says of its notebook and its hour. */
export const SAID: readonly string[] = [MARK, CLOCK, 'Acted-At', 'Acted-Ahead', 'Acted-Drift'];

/** What a call tells of the hour it is about, where it waited on this device. */
export interface Acted {
    readonly mark: string;
    readonly at: string;
    readonly known: Known | null;
}

/** Which notebook this page shows. Another one may stand in its place by now: what was entered here is none of that one's. */
export class Notebook {
    /** Another one answers than this page was drawn from. */
    other = $state(false);
    /** Seconds by which the clock of this device is ahead of the machine's; 0 where they go together. */
    ahead = $state(0);
    /** What was kept of the last page is of another notebook. */
    readonly isNew: boolean;
    onOther: () => void = () => undefined;
    #mark: string;

    constructor(
        within: string | null,
        private readonly clock: DeviceClock = deviceClock,
        private readonly kept = new Kept('idle-mixer-notebook'),
    ) {
        const before = this.kept.read();
        const last = typeof before === 'string' ? before : '';
        this.#mark = within ?? last;
        this.isNew = this.#mark !== last;
        this.#keep(this.#mark);
    }

    get mark(): string {
        return this.#mark;
    }

    hear(response: Response): void {
        this.clock.hear(response);
        const ahead = Number(response.headers.get(AHEAD) ?? '0');
        this.ahead = Number.isFinite(ahead) ? ahead : 0;
        const mark = response.headers.get(MARK) ?? '';
        if (mark === '' || mark === this.#mark) {
            return;
        }
        this.#keep(mark);
        if (this.#mark === '') {
            this.#mark = mark;
        } else {
            this.other = true;
            this.onOther();
        }
    }

    /** Says of a call which notebook it is meant for, and by this device's clock when it was made; what waited says when it was done. */
    signed(request: Request, acted: Acted | null = null): Request {
        if (request.headers.has(CLOCK)) {
            return request;
        }
        const headers = this.#timed(request);
        const mark = acted?.mark ?? this.#mark;
        if (request.method !== 'GET' && mark !== '') {
            headers.set(MARK, mark);
        }
        if (acted !== null) {
            headers.set('Acted-At', acted.at);
            if (acted.known !== null) {
                headers.set('Acted-Ahead', String(acted.known.ahead));
                headers.set('Acted-Drift', String(acted.known.drift));
            }
        }
        return new Request(request, { headers });
    }

    /** Says only what this device's clock says: what goes in one call is signed each by itself. */
    timed(request: Request): Request {
        return new Request(request, { headers: this.#timed(request) });
    }

    /** Whether an answer says that what was sent is not of the notebook that stands there. */
    isOfAnother(response: Response, mark: string): boolean {
        const there = response.headers.get(MARK);
        return response.status === CONFLICT && there !== null && mark !== there;
    }

    #timed(request: Request): Headers {
        const headers = new Headers(request.headers);
        headers.set(CLOCK, this.clock.instant);
        return headers;
    }

    #keep(mark: string): void {
        if (mark !== '') {
            this.kept.keep(mark);
        }
    }
}

const CONFLICT = 409;

const meta = typeof document === 'undefined' ? null : document.querySelector<HTMLMetaElement>('meta[name="notebook"]');

export const notebook = new Notebook(meta?.content ?? null);
