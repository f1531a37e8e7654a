import { createRouter } from 'sv-router';
import NotFound from './parts/NotFound.svelte';

/** Each screen is loaded when it is gone to; the page announces its own. */
export const { p, navigate, isActive, route } = createRouter({
    '/': () => import('./screens/today/Today.svelte'),
    '/bench': () => import('./screens/bench/Bench.svelte'),
    '/batches': () => import('./screens/batch/Batches.svelte'),
    '/batches/:id': () => import('./screens/batch/Batch.svelte'),
    '/plants': () => import('./screens/plants/Plants.svelte'),
    '/plants/:id': () => import('./screens/plants/Plant.svelte'),
    '/leaf-tests/:id': () => import('./screens/leaf/LeafTest.svelte'),
    '/cases/:id': () => import('./screens/cases/Case.svelte'),
    '/cases/:id/choose': () => import('./screens/choose/Choose.svelte'),
    '/look': () => import('./screens/look/LookScreen.svelte'),
    '/recipes/write': () => import('./screens/recipes/Write.svelte'),
    '/recipes/compare': () => import('./screens/recipes/Compare.svelte'),
    '/sprayers/:id': () => import('./screens/sprayer/SprayerScreen.svelte'),
    '/sums': () => import('./screens/sums/Sums.svelte'),
    '/worked': () => import('./screens/worked/Worked.svelte'),
    '/shed': () => import('./screens/shed/Shed.svelte'),
    '*': NotFound,
});
