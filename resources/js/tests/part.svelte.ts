import { flushSync } from 'svelte';

/** Runs as in a part of a screen: effects are taken, and end with it. Returns what was made and what closes the part. */
export function part<T>(make: () => T): [T, () => void] {
    let made: T | undefined;
    const close = $effect.root(() => {
        made = make();
    });
    flushSync();
    return [made as T, close];
}
