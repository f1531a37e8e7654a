import type { Schemas } from './client';

type Bottle = Schemas['Bottle'];

const PLACES: Record<Bottle['act'], (bottle: Bottle, batch: number, of: number | null) => string> = {
    'start-mixing': (_, batch) => `/batches/${batch}`,
    'go-on': (_, batch) => `/batches/${batch}`,
    'stand-test': (_, batch) => `/batches/${batch}`,
    mend: (_, batch) => `/batches/${batch}`,
    'leaf-test': (_, batch) => `/batches/${batch}#leaf-test`,
    'look-at-leaves': ({ ref }, batch) => (ref === null ? `/batches/${batch}` : `/leaf-tests/${ref}`),
    wait: ({ ref }, batch) => (ref === null ? `/batches/${batch}` : `/leaf-tests/${ref}`),
    hold: (_, batch) => `/batches/${batch}`,
    spray: ({ course }, batch, of) => (of !== null ? `/cases/${of}` : `/bed?batch=${batch}${course === null ? '' : `&course=${course}`}`),
    'go-on-spraying': ({ ref }, batch) => (ref === null ? `/batches/${batch}` : `/runs/${ref}`),
    'next-load': (_, batch) => `/batches/${batch}`,
    'pour-from': () => '/bench',
    'use-rest': (_, batch) => `/batches/${batch}#rest`,
    'pour-off': (_, batch) => `/batches/${batch}`,
    nothing: (_, batch) => `/batches/${batch}`,
};

/** Where what comes next with a batch is done. `of` is the case that it was mixed for. */
export function bottlePlace(bottle: Bottle, batch: number, of: number | null): string {
    return PLACES[bottle.act](bottle, batch, of);
}

/** Whether spoons are what comes next. */
export function isMixed(bottle: Bottle): boolean {
    return bottle.state !== 'planned' && bottle.state !== 'mixing' && bottle.act !== 'next-load';
}
