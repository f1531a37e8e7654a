import { Device } from '../offline/device';
import { Outbox } from '../offline/outbox.svelte';

let databases = 0;

/** A database of a device of its own, in a test that has one. */
export const newDevice = (): Device => new Device(`test-${++databases}`);

/** What waits on a device, sent by what the test puts in the place of fetch. */
export const outboxOn = (device: Device, clock: () => number = Date.now): Outbox =>
    new Outbox(
        device,
        (method, path, body) =>
            fetch(new Request(`http://127.0.0.1${path}`, { method, body: method === 'GET' ? null : JSON.stringify(body) })),
        clock,
    );

/** The page is loaded anew: what was written on the device is read. */
export async function reloaded(device: Device, before: Outbox): Promise<Outbox> {
    await before.written();
    const outbox = outboxOn(device);
    await outbox.ready;
    return outbox;
}
