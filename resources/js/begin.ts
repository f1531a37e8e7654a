import { mount } from 'svelte';
import '../css/app.css';
import App from './App.svelte';
import { tellServer } from './lib/teller';
import { pageIsThere } from './lib/together';

const target = document.getElementById('app');
if (target === null) {
    throw new Error('The page has no place for the application.');
}
tellServer();
// What was painted before the script ran gives way to the same, alive.
target.replaceChildren();
// The spoons that came with the page stay until the bench has its own.
void pageIsThere().then(() => document.querySelector('.first')?.remove());

export default mount(App, { target });
