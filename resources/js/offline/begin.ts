import { line } from '../lib/line.svelte';
import { undo } from '../lib/undo.svelte';
import { device, outbox } from './here';
import Strip from './Strip.svelte';
import { warm } from './warm';
import { takeIn } from './worker';

/** The screen comes first, and what may be wanted without a line later. */
const LATER = 8000;
/** So many answers are kept, the newest: some hundred kB. */
const MOST = 200;
/** When the worker is asked for again where it did not come, in milliseconds after each other. */
const AGAIN = [5000, 20_000, 60_000, 300_000];

line.strip = Strip;
outbox.onNews = () => void undo.refresh();
void outbox.ready
    .then(() => outbox.drain())
    // Said for whoever drives the page: what waited has had its try.
    .finally(() => (document.documentElement.dataset['offline'] = 'ready'));
if ('serviceWorker' in navigator) {
    void takeIn(navigator.serviceWorker, AGAIN);
}
setTimeout(
    () =>
        void warm()
            .then(() => device.prune('/api/', MOST))
            .catch(() => undefined),
    LATER,
);
