import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { newDevice, outboxOn, reloaded } from '../../tests/outbox';
import { Bed } from './bed.svelte';

const NOW = Date.UTC(2026, 5, 1, 18, 0);

function step(
    key: string,
    kind: Schemas['RunStep']['kind'],
    doneAt: string | null = null,
    minutes: number | null = null,
): Schemas['RunStep'] {
    return { key, kind, say: key, more: '', minutes, doneAt, who: '', putOn: kind === 'plant' ? 'plain' : null };
}

function run(steps: Schemas['RunStep'][]): Schemas['Run'] {
    return {
        id: 4,
        key: 'key-4',
        version: 1,
        now: new Date(NOW).toISOString(),
        batch: { id: 1, key: 'key-1', name: 'Soap' },
        rinses: false,
        weather: '',
        startedAt: new Date(NOW).toISOString(),
        pausedAt: null,
        finishedAt: null,
        makeMl: 1000,
        makeWords: '1 L',
        reshakeSeconds: 60,
        reshakeWords: '',
        steps,
        current: null,
        emptyKey: null,
        leaveOutKey: null,
        bottle: {
            state: 'in-the-sprayer',
            words: 'In the sprayer',
            end: null,
            act: 'go-on-spraying',
            actWords: 'Go on spraying',
            ref: 1,
            loads: 1,
            mixed: 1,
            course: null,
        },
        plants: [],
    };
}

let answers: (() => Response)[] = [];
const sent: string[] = [];
const acted: string[] = [];
const json = (body: unknown, status = 200): Response =>
    new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });

beforeEach(() => {
    answers = [];
    sent.length = 0;
    vi.stubGlobal('fetch', async (request: Request) => {
        sent.push(`${request.url.replace(/^.*\/api/, '')} ${request.method === 'PUT' ? await request.clone().text() : ''}`);
        acted.push(request.headers.get('Acted-At') ?? '');
        const answer = answers.shift();
        return answer === undefined ? Promise.reject(new TypeError('no line')) : answer();
    });
});
afterEach(() => {
    vi.unstubAllGlobals();
});

describe('a walk through the bed', () => {
    it('shows a tap at once, keeps it while the line is down, and sends it once in its order', async () => {
        const device = newDevice();
        const outbox = outboxOn(device, () => NOW);
        const bed = new Bed(run([step('protect', 'protect'), step('check', 'check'), step('rest', 'rest')]), () => NOW, outbox);
        await bed.tap('protect', true);
        await bed.tap('check', true);
        expect(bed.current?.key).toBe('rest');
        expect(bed.waiting.map((tap) => tap.step)).toEqual(['protect', 'check']);
        // On the same device after a reload.
        const later = await reloaded(device, outbox);
        const again = new Bed(run([step('protect', 'protect'), step('check', 'check'), step('rest', 'rest')]), () => NOW + 60_000, later);
        expect(again.current?.key).toBe('rest');
        const done = run([step('protect', 'protect', 'x'), step('check', 'check', 'x'), step('rest', 'rest')]);
        answers = [() => json(done), () => json(done)];
        sent.length = 0;
        acted.length = 0;
        await again.send();
        expect(sent.map((one) => one.slice(0, 24))).toEqual(['/runs/key-4/steps/protec', '/runs/key-4/steps/check ']);
        // It says itself when it was.
        expect(acted).toEqual(['2026-06-01T18:00:00.000Z', '2026-06-01T18:00:00.000Z']);
        expect(again.waiting).toEqual([]);
        expect(new Bed(done, () => NOW, await reloaded(device, later)).current?.key).toBe('rest');
    });

    it('says what the server refuses, and does not send it for ever', async () => {
        const bed = new Bed(run([step('protect', 'protect'), step('rest', 'rest')]), () => NOW, outboxOn(newDevice()));
        answers = [() => json({ error: { path: '/step', message: 'There is no such step.' } }, 422)];
        await bed.tap('protect', true);
        expect(bed.fault?.message).toBe('There is no such step.');
        expect(bed.waiting).toEqual([]);
        expect(bed.current?.key).toBe('protect');
    });

    it('keeps a tap while the server is busy, and sends it again', async () => {
        const bed = new Bed(run([step('protect', 'protect'), step('rest', 'rest')]), () => NOW, outboxOn(newDevice()));
        answers = [() => json({ error: { path: '', message: 'Not now.' } }, 503)];
        await bed.tap('protect', true);
        expect(bed.waiting.map((tap) => tap.step)).toEqual(['protect']);
        expect(bed.current?.key).toBe('rest');
        answers = [() => json({ ...run([step('protect', 'protect', 'x'), step('rest', 'rest')]), version: 2 })];
        await bed.send();
        expect(bed.waiting).toEqual([]);
        expect(bed.fault).toBeNull();
    });

    it('takes no older answer for a newer one, and says a refusal until it was read', async () => {
        const bed = new Bed(
            { ...run([step('protect', 'protect', 'x'), step('rest', 'rest')]), version: 5 },
            () => NOW,
            outboxOn(newDevice()),
        );
        answers = [() => json({ ...run([step('protect', 'protect'), step('rest', 'rest')]), version: 4 })];
        await bed.fetch();
        expect(bed.current?.key).toBe('rest');
        answers = [() => json({ error: { path: '/step', message: 'There is no such step.' } }, 422), () => json(bed.run)];
        await bed.tap('rest', true);
        await bed.fetch();
        expect(bed.fault?.message).toBe('There is no such step.');
    });

    it('counts a soak from the last plant, whatever the clock of the device says', () => {
        const steps = [
            step('plant-1', 'plant', new Date(NOW - 240_000).toISOString()),
            step('soak', 'soak', null, 10),
            step('rest', 'rest'),
        ];
        let now = NOW + 3_600_000;
        const bed = new Bed(
            run(steps),
            () => now,
            outboxOn(newDevice(), () => now),
        );
        expect(bed.left).toBe(360_000);
        now += 400_000;
        expect(bed.left).toBe(-40_000);
    });

    it('goes back a step', async () => {
        const bed = new Bed(
            run([step('protect', 'protect', 'x'), step('check', 'check'), step('rest', 'rest')]),
            () => NOW,
            outboxOn(newDevice()),
        );
        expect(bed.last?.key).toBe('protect');
        await bed.tap('protect', false);
        expect(bed.current?.key).toBe('protect');
        expect(bed.last).toBeNull();
    });

    it('counts the steps that are done, whoever did them, and says what comes next', async () => {
        const steps = [step('protect', 'protect', 'x'), step('check', 'check'), step('rest', 'rest')];
        const bed = new Bed(run(steps), () => NOW, outboxOn(newDevice()));
        expect([bed.number, bed.current?.key, bed.next?.key, bed.last?.key]).toEqual([2, 'check', 'rest', 'protect']);
        await bed.tap('check', true);
        expect([bed.number, bed.current?.key, bed.next?.key, bed.last?.key]).toEqual([3, 'rest', undefined, 'check']);
        await bed.tap('rest', true);
        expect([bed.number, bed.current, bed.next, bed.last?.key]).toEqual([3, null, null, 'rest']);
        // The last tap of a step holds.
        await bed.tap('rest', false);
        expect([bed.number, bed.current?.key]).toEqual([3, 'rest']);
    });

    it('has no step to do once it is finished, and goes back from its end', () => {
        const steps = [step('protect', 'protect', 'x'), step('check', 'check'), step('rest', 'rest')];
        const bed = new Bed({ ...run(steps), finishedAt: 'x' }, () => NOW, outboxOn(newDevice()));
        expect([bed.current, bed.number, bed.next, bed.last?.key, bed.left]).toEqual([null, 3, null, 'protect', null]);
    });

    it('has no time of its own where the step has none, and counts from nothing where nothing was sprayed', () => {
        const bed = new Bed(run([step('check', 'check')]), () => NOW, outboxOn(newDevice()));
        expect(bed.left).toBeNull();
        const soak = new Bed(run([step('plant-1', 'plant', 'no hour'), step('soak', 'soak', null, 10)]), () => NOW, outboxOn(newDevice()));
        expect(soak.left).toBeNaN();
        const bare = new Bed(run([step('soak', 'soak', null, 10), step('plant-1', 'plant')]), () => NOW, outboxOn(newDevice()));
        expect(bare.left).toBe(600_000 - NOW);
    });

    it('counts from the plant that was sprayed last, also where the tap waits yet', async () => {
        const steps = [
            step('plant-1', 'plant', new Date(NOW - 240_000).toISOString()),
            step('rinse', 'rinse' as Schemas['RunStep']['kind'], new Date(NOW - 1000).toISOString()),
            step('plant-2', 'plant'),
            step('soak', 'soak', null, 10),
        ];
        let now = NOW;
        const bed = new Bed(
            run(steps),
            () => now,
            outboxOn(newDevice(), () => now),
        );
        now += 5000;
        await bed.tap('plant-2', true);
        now += 10_000;
        expect(bed.left).toBe(590_000);
    });

    it('sends what waits and fetches what others did, again and again, until it is left', async () => {
        vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] });
        const bed = new Bed(run([step('protect', 'protect'), step('rest', 'rest')]), () => NOW, outboxOn(newDevice()));
        const leave = bed.follow();
        const theirs = { ...run([step('protect', 'protect', 'x'), step('rest', 'rest')]), version: 2 };
        answers = [() => json(theirs)];
        vi.advanceTimersByTime(2999);
        expect(sent).toEqual([]);
        vi.advanceTimersByTime(1);
        await vi.waitFor(() => expect(bed.current?.key).toBe('rest'));
        expect(sent).toEqual(['/runs/4 ']);
        await bed.tap('rest', true);
        sent.length = 0;
        // While a tap waits, what comes from there is older.
        vi.advanceTimersByTime(3000);
        expect(sent).toEqual([]);
        leave();
        vi.advanceTimersByTime(9000);
        vi.useRealTimers();
        expect(sent).toEqual([]);
    });

    it('says a dead line while it is dead, and no longer', async () => {
        const bed = new Bed(run([step('protect', 'protect'), step('rest', 'rest')]), () => NOW, outboxOn(newDevice()));
        await bed.fetch();
        expect(bed.fault?.message).toContain('does not answer');
        answers = [() => json(bed.run)];
        await bed.fetch();
        expect(bed.fault).toBeNull();
        answers = [() => json({ error: { path: '', message: 'There is no such walk.' } }, 400), () => json(bed.run)];
        await bed.fetch();
        await bed.fetch();
        expect(bed.fault).toMatchObject({ message: 'There is no such walk.' });
        // The next tap is another matter.
        answers = [() => json({ ...bed.run, version: 2 })];
        await bed.tap('protect', true);
        expect(bed.fault).toBeNull();
    });

    it('is paused and finished by calls of their own, and says what is refused', async () => {
        const bed = new Bed(run([step('rest', 'rest')]), () => NOW, outboxOn(newDevice()));
        answers = [() => json({ ...bed.run, version: 2, pausedAt: 'x' })];
        await bed.pause(true);
        expect(bed.run.pausedAt).toBe('x');
        answers = [() => json({ error: { path: '/leftMl', message: 'More is left than was made.' } }, 422)];
        await bed.finish(5000, 'kept');
        expect(bed.fault?.message).toBe('More is left than was made.');
        answers = [() => json({ ...bed.run, version: 3, finishedAt: 'x' })];
        await bed.finish(200, 'poured-away');
        expect([bed.fault, bed.run.finishedAt]).toEqual([null, 'x']);
        expect(sent).toEqual([
            '/runs/key-4/paused {"paused":true}',
            '/runs/key-4/finished {"leftMl":5000,"rest":"kept"}',
            '/runs/key-4/finished {"leftMl":200,"rest":"poured-away"}',
        ]);
    });

    it('goes by the clock of the server from each answer on, and takes an answer of the same version', async () => {
        let now = NOW + 3_600_000;
        const soak = step('soak', 'soak', null, 10);
        const bed = new Bed(
            run([step('plant-1', 'plant', new Date(NOW).toISOString()), soak]),
            () => now,
            outboxOn(newDevice(), () => now),
        );
        now += 1000;
        answers = [() => json({ ...bed.run, weather: 'rain', now: new Date(NOW + 5000).toISOString() })];
        await bed.fetch();
        expect(bed.run.weather).toBe('rain');
        expect(bed.left).toBe(595_000);
    });
});
