import type { Component } from 'svelte';
import { Together } from './together';

/** The page's own origin; outside a page, as in tests, any will do. */
export const baseUrl = typeof location === 'undefined' ? 'http://127.0.0.1' : location.origin;

const together = new Together((request) => fetch(request), baseUrl);

/** How this page reaches the machine that serves, and what is said where it does not. */
class Line {
    /** Says what waits on this device; null until it is needed or there is time for it. */
    strip = $state.raw<Component | null>(null);

    /** With nothing between. */
    readonly direct = (request: Request): Promise<Response> => together.fetch(request);

    fetch = this.direct;
}

export const line = new Line();
