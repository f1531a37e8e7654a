import type { Schemas } from '../../lib/client';

type Document = Schemas['MethodDocument'];
export type Pressure = 'prevention' | 'light' | 'moderate' | 'heavy';
export const PRESSURES: readonly Pressure[] = ['light', 'moderate', 'heavy', 'prevention'];

/** What is typed of how a recipe of one's own is used; what nobody touched stays as it is proposed. */
export interface MethodDraft {
    against?: string[];
    soak?: number | null;
    brush?: boolean;
    secondSoak?: number | null;
    rinse?: NonNullable<Document['rinse']>;
    every?: Partial<Record<Pressure, number | null>>;
}

/** How a recipe of one's own is used: three things are asked, the rest is proposed from what is in it. */
export class MethodOf {
    draft = $state<MethodDraft>({});

    get isSaid(): boolean {
        return Object.keys(this.draft).length > 0;
    }

    /** Whether anything but what it is against is said. */
    get isUsedOtherwise(): boolean {
        return Object.keys(this.draft).some((key) => key !== 'against');
    }

    take(document: Document | null | undefined): void {
        if (document === null || document === undefined) {
            this.draft = {};
            return;
        }
        const every = document.everyDays ?? undefined;
        this.draft = {
            ...(document.against ? { against: [...document.against] } : {}),
            ...(document.soakMinutes === undefined ? {} : { soak: document.soakMinutes }),
            ...(document.brush === null || document.brush === undefined ? {} : { brush: document.brush }),
            ...(document.secondSoakMinutes === undefined ? {} : { secondSoak: document.secondSoakMinutes }),
            ...(document.rinse ? { rinse: document.rinse } : {}),
            ...(every === undefined ? {} : { every: Object.fromEntries(PRESSURES.map((at) => [at, daysOf(every[at])])) }),
        };
    }

    toggle(trouble: string): void {
        const now = this.draft.against ?? [];
        this.draft.against = now.includes(trouble) ? now.filter((one) => one !== trouble) : [...now, trouble];
    }

    days(at: Pressure, proposed: Document | null): number | null {
        const said = this.draft.every?.[at];
        return said === undefined ? daysOf(proposed?.everyDays?.[at]) : said;
    }

    sayDays(at: Pressure, days: number | null): void {
        this.draft.every = { ...this.draft.every, [at]: days };
    }

    /** As its document has it; undefined where nothing was said. */
    get document(): Document | undefined {
        const { against, soak, brush, secondSoak, rinse, every } = this.draft;
        return this.isSaid
            ? {
                  ...(against === undefined ? {} : { against }),
                  ...(soak === undefined ? {} : { soakMinutes: soak }),
                  ...(brush === undefined ? {} : { brush }),
                  ...(secondSoak === undefined ? {} : { secondSoakMinutes: secondSoak }),
                  ...(rinse === undefined ? {} : { rinse }),
                  ...(every === undefined ? {} : { everyDays: every }),
              }
            : undefined;
    }
}

function daysOf(rhythm: number | 'once' | null | undefined): number | null {
    return typeof rhythm === 'number' ? rhythm : null;
}
