import { mount } from 'svelte';
import '../css/app.css';
import App from './App.svelte';

const target = document.getElementById('app');
if (target === null) {
    throw new Error('The page has no place for the application.');
}

export default mount(App, { target });
