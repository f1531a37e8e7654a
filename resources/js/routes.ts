import { createRouter } from 'sv-router';
import NotFound from './parts/NotFound.svelte';
import Batch from './screens/batch/Batch.svelte';
import Batches from './screens/batch/Batches.svelte';
import Bench from './screens/bench/Bench.svelte';
import Case from './screens/cases/Case.svelte';
import Cases from './screens/cases/Cases.svelte';
import Choose from './screens/choose/Choose.svelte';
import LeafTest from './screens/leaf/LeafTest.svelte';
import LeafTests from './screens/leaf/LeafTests.svelte';
import LookScreen from './screens/look/LookScreen.svelte';
import Compare from './screens/recipes/Compare.svelte';
import Write from './screens/recipes/Write.svelte';
import SprayerScreen from './screens/sprayer/SprayerScreen.svelte';
import Sums from './screens/sums/Sums.svelte';
import Shed from './screens/shed/Shed.svelte';
import Today from './screens/today/Today.svelte';
import Worked from './screens/worked/Worked.svelte';

export const { p, navigate, isActive, route } = createRouter({
    '/': Today,
    '/bench': Bench,
    '/batches': Batches,
    '/batches/:id': Batch,
    '/leaf-tests': LeafTests,
    '/leaf-tests/:id': LeafTest,
    '/cases': Cases,
    '/cases/:id': Case,
    '/cases/:id/choose': Choose,
    '/look': LookScreen,
    '/recipes/write': Write,
    '/recipes/compare': Compare,
    '/sprayers/:id': SprayerScreen,
    '/sums': Sums,
    '/worked': Worked,
    '/shed': Shed,
    '*': NotFound,
});
