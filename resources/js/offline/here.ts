import { baseUrl, line } from '../lib/line.svelte';
import { pageIsThere, read } from '../lib/together';
import { Device } from './device';
import { Guard } from './guard';
import { notebook } from './notebook.svelte';
import { Outbox } from './outbox.svelte';
import { sentTogether } from './several';

export const device = new Device();

/** What waits on this device. */
export const outbox = new Outbox(device, {
    send: (entries) => sentTogether(line.direct, entries),
    knock: () => line.direct(notebook.timed(new Request(`${baseUrl}/api/ping`))),
});

const guard = new Guard(line.direct, device, outbox, baseUrl);
line.fetch = (request) => guard.fetch(request);
line.call = async (request) => {
    const response = await fetch(notebook.signed(request));
    notebook.hear(response);
    return response;
};
/** What was answered before is of another notebook. */
const forget = (): Promise<void> => device.forgetAnswers().catch(() => undefined);
notebook.onOther = () => void forget();
if (typeof document !== 'undefined') {
    void Promise.all([pageIsThere(), notebook.isNew ? forget() : undefined]).then(() => guard.takeUp(read()));
}
