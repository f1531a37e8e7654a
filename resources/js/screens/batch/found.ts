import type { Schemas } from '../../lib/client';

type Batch = Pick<Schemas['BatchBrief'], 'name' | 'case' | 'makeWords'> & { bottle: { words: string } };

/** Those that each word is in, wherever it stands. */
export function foundIn<T extends Batch>(batches: T[], sought: string): T[] {
    const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
    return batches.filter((one) => {
        const text = [one.name, one.makeWords, one.case?.name ?? '', one.bottle.words].join(' ').toLowerCase();
        return words.every((word) => text.includes(word));
    });
}
