import { mount } from 'svelte';
import '../css/app.css';
import App from './App.svelte';
import { unsaid } from './lib/writes';
import { tellServer } from './lib/teller';
import { pageIsThere } from './lib/together';

/** Once the first screen is there, in ms. */
const SOON = 500;

const target = document.getElementById('app');
if (target === null) {
    throw new Error(say('app/begin.page-has-no-place-for'));
}
tellServer();
if (unsaid) {
    void import('./lib/proposed').then(({ propose }) => propose(navigator.language));
}
// What was painted before the script ran gives way to the same, alive.
target.replaceChildren();
// The spoons that came with the page stay until the bench has its own.
void pageIsThere().then(() => document.querySelector('.first')?.remove());

/** What was answered before stands in where there is no line: at once for a page that this device put together, later for any other. */
const offline = (): Promise<unknown> => import('./offline/begin');
if (document.querySelector('[name=announced]') === null) {
    await offline();
} else {
    setTimeout(() => void offline(), SOON);
}
export default mount(App, { target });
