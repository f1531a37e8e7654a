/** What a page needs of the browser to have its worker: the part of `navigator.serviceWorker` that is used here. */
export interface Workers {
    register(address: string, options: { scope: string }): Promise<Registered>;
}

export interface Registered {
    readonly active: unknown;
    readonly installing: Coming | null;
}

export interface Coming {
    readonly state: string;
    addEventListener(name: 'statechange', told: () => void): void;
}

/**
 * Takes the worker in, and tries again where one of its files did not come: without it there is no page without a line, and nobody else
 * would ask before the next page.
 *
 * @param waits milliseconds before each further try
 */
export async function takeIn(workers: Workers, waits: readonly number[]): Promise<void> {
    if (await cameIn(workers)) {
        return;
    }
    const [wait, ...further] = waits;
    if (wait !== undefined) {
        await new Promise((over) => setTimeout(over, wait));
        await takeIn(workers, further);
    }
}

async function cameIn(workers: Workers): Promise<boolean> {
    const registered = await workers.register('/build/sw.js', { scope: '/' }).catch(() => null);
    if (registered === null) {
        return false;
    }
    const coming = registered.installing;
    if (coming === null) {
        return true;
    }
    return new Promise((told) => {
        const look = (): void => {
            if (coming.state === 'redundant') {
                // An older one that is there goes on serving.
                told(registered.active !== null);
            } else if (coming.state !== 'installing') {
                told(true);
            }
        };
        coming.addEventListener('statechange', look);
        look();
    });
}
