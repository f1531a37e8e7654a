import { expect, vi } from 'vitest';
import { Notebook } from '../offline/notebook.svelte';
import { Device } from '../offline/device';
import type { Fresh } from '../offline/entry';
import { Outbox, type Way } from '../offline/outbox.svelte';

let databases = 0;

/** A database of a device of its own, in a test that has one. */
export const newDevice = (): Device => new Device(`test-${++databases}`);

/** What waits on a device, one by one to what the test puts in the place of fetch. Once that test is over it reaches nobody: it tries again by itself. */
export function outboxOn(device: Device, clock: () => number = Date.now, notebook = new Notebook('a')): Outbox {
    const test = expect.getState().currentTestName;
    const asked = async (request: Request): Promise<Response> => {
        if (expect.getState().currentTestName !== test) {
            throw new TypeError('Its test is over.');
        }
        return fetch(request);
    };
    const way: Way = {
        send: async ([entry]) => {
            if (entry === undefined) {
                return [];
            }
            const request = new Request(`http://127.0.0.1${entry.path}`, { method: entry.method, body: JSON.stringify(entry.body) });
            return [await asked(notebook.signed(request, entry))];
        },
        knock: () => asked(new Request('http://127.0.0.1/api/ping')),
    };
    return new Outbox(device, way, clock, notebook);
}

/** The page is loaded anew: what was written on the device is read. */
export async function reloaded(device: Device, before: Outbox): Promise<Outbox> {
    await before.written();
    const outbox = outboxOn(device);
    await outbox.ready;
    return outbox;
}

/** Something entered that is its own each time, something that the next replaces, and a line that is dead. */
export const count = (value: number): Fresh => ({
    key: null,
    group: 'cases/k1',
    method: 'POST',
    path: '/api/cases/k1/counts',
    body: { value },
    what: `A count of ${value}`,
});
export const tick = (number: number, ticked: boolean): Fresh => ({
    key: `tick ${number}`,
    group: 'batches/k1',
    method: 'PUT',
    path: `/api/batches/k1/scoops/1/ticks/${number}`,
    body: { ticked },
    what: 'A tick of the tally',
});
export const noLine = (): void => void vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no route')));
