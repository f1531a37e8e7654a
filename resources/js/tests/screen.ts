import type { Environment } from 'vitest/runtime';

/** Where tests run as in a browser: what reacts is compiled to react, without a document to draw into. */
export default {
    name: 'screen',
    viteEnvironment: 'client',
    setup: () => ({ teardown: () => undefined }),
} satisfies Environment;
