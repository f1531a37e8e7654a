import { createRouter } from 'sv-router';
import NotFound from './parts/NotFound.svelte';

/** Each screen is loaded when it is gone to; the page announces its own. */
export const { p, navigate, isActive, route } = createRouter({
    '/': () => import('./screens/today/Today.svelte'),
    '/day': () => import('./screens/day/Day.svelte'),
    '/bed': () => import('./screens/run/Begin.svelte'),
    '/runs/:id': () => import('./screens/run/RunScreen.svelte'),
    '/bench': () => import('./screens/bench/Bench.svelte'),
    '/batches': () => import('./screens/batch/Batches.svelte'),
    '/batches/:id': () => import('./screens/batch/Batch.svelte'),
    '/labels/:id': () => import('./screens/label/Label.svelte'),
    '/plants': () => import('./screens/plants/Plants.svelte'),
    '/plants/:id': () => import('./screens/plants/Plant.svelte'),
    '/leaf-tests/:id': () => import('./screens/leaf/LeafTest.svelte'),
    '/eye': () => import('./screens/leaf/Eye.svelte'),
    '/courses/new': () => import('./screens/courses/NewCourse.svelte'),
    '/courses/:id': () => import('./screens/courses/Course.svelte'),
    '/cases/:id': () => import('./screens/cases/Case.svelte'),
    '/cases/:id/choose': () => import('./screens/choose/Choose.svelte'),
    '/look': () => import('./screens/look/LookScreen.svelte'),
    '/recipes/write': () => import('./screens/recipes/Write.svelte'),
    '/recipes/compare': () => import('./screens/recipes/Compare.svelte'),
    '/season': () => import('./screens/season/SeasonScreen.svelte'),
    '/shelf': () => import('./screens/shelf/ShelfScreen.svelte'),
    '/sprayers/:id': () => import('./screens/sprayer/SprayerScreen.svelte'),
    '/sums': () => import('./screens/sums/Sums.svelte'),
    '/trials': () => import('./screens/trials/Trials.svelte'),
    '/trials/:id': () => import('./screens/trials/Trial.svelte'),
    '/worked': () => import('./screens/worked/Worked.svelte'),
    '/shed': () => import('./screens/shed/Shed.svelte'),
    '*': NotFound,
});
