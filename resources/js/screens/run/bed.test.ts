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
    return { key, kind, say: key, more: '', minutes, doneAt, who: '' };
}

function run(steps: Schemas['RunStep'][]): Schemas['Run'] {
    return {
        id: 4,
        version: 1,
        now: new Date(NOW).toISOString(),
        batch: { id: 1, name: 'Soap' },
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
        plants: [],
    };
}

let answers: (() => Response)[] = [];
const sent: string[] = [];
const json = (body: unknown, status = 200): Response =>
    new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });

beforeEach(() => {
    answers = [];
    sent.length = 0;
    vi.stubGlobal('fetch', async (request: Request) => {
        sent.push(`${request.url.replace(/^.*\/api/, '')} ${request.method === 'PUT' ? await request.clone().text() : ''}`);
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
        const outbox = outboxOn(device);
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
        await again.send();
        expect(sent.map((one) => one.slice(0, 24))).toEqual(['/runs/4/steps/protect {"', '/runs/4/steps/check {"do']);
        expect(sent[0]).toContain('2026-06-01T18:00:00.000Z');
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
        const bed = new Bed(run(steps), () => now, outboxOn(newDevice()));
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
});
