import { line } from '../lib/line.svelte';
import { undo } from '../lib/undo.svelte';
import { device, outbox } from './here';
import Strip from './Strip.svelte';
import { warm } from './warm';

/** The screen comes first, and what may be wanted without a line later. */
const LATER = 8000;
/** So many answers are kept, the newest: some hundred kB. */
const MOST = 200;

line.strip = Strip;
outbox.onNews = () => void undo.refresh();
void outbox.ready
    .then(() => outbox.drain())
    // Said for whoever drives the page: what waited has had its try.
    .finally(() => (document.documentElement.dataset['offline'] = 'ready'));
if ('serviceWorker' in navigator) {
    void navigator.serviceWorker.register('/build/sw.js', { scope: '/' }).catch(() => undefined);
}
setTimeout(
    () =>
        void warm()
            .then(() => device.prune('/api/', MOST))
            .catch(() => undefined),
    LATER,
);
