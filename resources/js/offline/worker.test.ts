import { expect, it, vi } from 'vitest';
import { type Coming, type Registered, takeIn } from './worker';

/** A worker that comes to this end once somebody looks. */
function coming(end: string): Coming {
    const one = {
        state: 'installing',
        addEventListener: (_: string, told: () => void) => void Promise.resolve().then(() => ((one.state = end), told())),
    };
    return one;
}

function answers(...all: (Registered | Error)[]): { register: () => Promise<Registered>; asked: () => number } {
    let asked = 0;
    return {
        register: () => {
            const one = all[asked++];
            return one === undefined || one instanceof Error
                ? Promise.reject(one ?? new Error('asked once too often'))
                : Promise.resolve(one);
        },
        asked: () => asked,
    };
}

it('asks once where the worker comes in, or is in already', async () => {
    const comes = answers({ active: null, installing: coming('installed') });
    await takeIn(comes, [0, 0]);
    const there = answers({ active: {}, installing: null });
    await takeIn(there, [0, 0]);
    expect([comes.asked(), there.asked()]).toEqual([1, 1]);
});

it('tries again where a file of the worker did not come, or the worker itself', async () => {
    const workers = answers(
        new Error('no line'),
        { active: null, installing: coming('redundant') },
        { active: null, installing: coming('activated') },
    );
    await takeIn(workers, [0, 0, 0]);
    expect(workers.asked()).toBe(3);
});

it('waits before it tries again, and gives up in the end', async () => {
    vi.useFakeTimers();
    const workers = answers(new Error('no line'), new Error('no line'), new Error('no line'));
    const over = takeIn(workers, [1000, 1000]);
    await vi.advanceTimersByTimeAsync(999);
    expect(workers.asked()).toBe(1);
    await vi.advanceTimersByTimeAsync(1001);
    await over;
    expect(workers.asked()).toBe(3);
    vi.useRealTimers();
});

it('leaves it be where an older one goes on serving', async () => {
    const workers = answers({ active: {}, installing: coming('redundant') });
    await takeIn(workers, [0]);
    expect(workers.asked()).toBe(1);
});
