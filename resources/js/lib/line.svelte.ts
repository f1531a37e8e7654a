import type { Component } from 'svelte';
import { Together } from './together';

/** The page's own origin; outside a page, as in tests, any will do. */
export const baseUrl = typeof location === 'undefined' ? 'http://127.0.0.1' : location.origin;

const together = new Together((request) => line.call(request), baseUrl);

/** How this page reaches the machine that serves, and what is said where it does not. */
class Line {
    /** Says what waits on this device; null until it is needed or there is time for it. */
    strip = $state.raw<Component | null>(null);

    /** With nothing between. */
    readonly direct = (request: Request): Promise<Response> => together.fetch(request);

    fetch = this.direct;

    /** What records are called, by kind and identity as addresses name them: what waits on this device is told by plant and trouble. */
    readonly names = new Map<string, string>();

    /** Once what works without a line is there, each call says of which notebook it is, and what the clock of this device says. */
    call = (request: Request): Promise<Response> => fetch(request);
}

export const line = new Line();
