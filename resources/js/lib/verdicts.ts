import type { Schemas } from './client';

type Verdict = Schemas['Verdict'];

const RANK = { stop: 0, caution: 1, ok: 2 };

/** Worst first. */
export function sorted(verdicts: Verdict[]): Verdict[] {
    return [...verdicts].sort((a, b) => RANK[a.level] - RANK[b.level]);
}

/** The one sentence that tells: what is, and against which limit; where the limit comes from is a mark beside it. */
export function briefly(because: string): string {
    const end = because.search(/[.;] /);
    return end === -1 ? because : `${because.slice(0, end)}.`;
}

/** The worst, and of several as bad the one that something can be done about. */
export function worst(verdicts: Verdict[], about?: string): Verdict | undefined {
    const first = sorted(verdicts)[0];
    return verdicts.find((one) => one.code === about && one.level === first?.level) ?? first;
}
