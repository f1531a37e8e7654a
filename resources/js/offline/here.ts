import { baseUrl, line } from '../lib/line.svelte';
import { pageIsThere, read } from '../lib/together';
import { Device } from './device';
import { Guard } from './guard';
import { Outbox } from './outbox.svelte';

export const device = new Device();

/** What waits on this device. */
export const outbox = new Outbox(device, (method, path, body) =>
    line.direct(
        new Request(baseUrl + path, {
            method,
            headers: { 'Content-Type': 'application/json' },
            body: method === 'GET' ? null : JSON.stringify(body),
        }),
    ),
);

const guard = new Guard(line.direct, device, outbox, baseUrl);
line.fetch = (request) => guard.fetch(request);
if (typeof document !== 'undefined') {
    void pageIsThere().then(() => guard.takeUp(read()));
}
