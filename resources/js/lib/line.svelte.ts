import type { Component } from 'svelte';
import { notebook } from './notebook.svelte';
import { Together } from './together';

/** The page's own origin; outside a page, as in tests, any will do. */
export const baseUrl = typeof location === 'undefined' ? 'http://127.0.0.1' : location.origin;

/** Every call says of which notebook it is, and every answer is heard for it. */
async function call(request: Request): Promise<Response> {
    const response = await fetch(notebook.signed(request));
    notebook.hear(response);
    return response;
}

const together = new Together(call, baseUrl);

/** How this page reaches the machine that serves, and what is said where it does not. */
class Line {
    /** Says what waits on this device; null until it is needed or there is time for it. */
    strip = $state.raw<Component | null>(null);

    /** With nothing between. */
    readonly direct = (request: Request): Promise<Response> => together.fetch(request);

    fetch = this.direct;
}

export const line = new Line();
