import type { Schemas } from '../../lib/client';

type Document = Schemas['MethodDocument'];
export type Pressure = 'prevention' | 'light' | 'moderate' | 'heavy';
type Rhythm = number | 'once' | null;
export const PRESSURES: readonly Pressure[] = ['light', 'moderate', 'heavy', 'prevention'];

/** What is typed of how a recipe of one's own is used; what nobody touched stays as it is proposed. */
export interface MethodDraft {
    against?: string[];
    soak?: number | null;
    brush?: boolean;
    secondSoak?: number | null;
    rinse?: NonNullable<Document['rinse']>;
    every?: Partial<Record<Pressure, Rhythm>>;
    /** What its document says that nobody is asked for here. */
    rest?: Document;
}

/** How a recipe of one's own is used: three things are asked, the rest is proposed from what is in it. */
export class MethodOf {
    draft = $state<MethodDraft>({});

    get isSaid(): boolean {
        return Object.keys(this.draft).length > 0;
    }

    /** Whether anything but what it is against is said. */
    get isUsedOtherwise(): boolean {
        return Object.keys(this.draft).some((key) => key !== 'against' && key !== 'rest');
    }

    take(document: Document | null | undefined): void {
        if (document === null || document === undefined) {
            this.draft = {};
            return;
        }
        const { against, soakMinutes, brush, secondSoakMinutes, rinse, everyDays, ...rest } = document;
        this.draft = {
            ...(against ? { against: [...against] } : {}),
            ...(soakMinutes === undefined ? {} : { soak: soakMinutes }),
            ...(brush === null || brush === undefined ? {} : { brush }),
            ...(secondSoakMinutes === undefined ? {} : { secondSoak: secondSoakMinutes }),
            ...(rinse ? { rinse } : {}),
            ...(everyDays ? { every: { ...everyDays } } : {}),
            ...(Object.keys(rest).length > 0 ? { rest } : {}),
        };
    }

    toggle(trouble: string): void {
        const now = this.draft.against ?? [];
        this.draft.against = now.includes(trouble) ? now.filter((one) => one !== trouble) : [...now, trouble];
    }

    /** What is said of how often, else what is proposed. */
    rhythm(at: Pressure, proposed: Document | null): Rhythm {
        const said = this.draft.every?.[at];
        return said === undefined ? (proposed?.everyDays?.[at] ?? null) : said;
    }

    sayDays(at: Pressure, days: number | null): void {
        this.draft.every = { ...this.draft.every, [at]: days };
    }

    /** As its document has it; undefined where nothing was said. */
    get document(): Document | undefined {
        const { against, soak, brush, secondSoak, rinse, every, rest } = this.draft;
        return this.isSaid
            ? {
                  ...rest,
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
