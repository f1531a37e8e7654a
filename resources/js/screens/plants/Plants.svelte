<script lang="ts">
    import { openCases } from '../../lib/cases';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { undo } from '../../lib/undo.svelte';
    import Empty from '../../parts/Empty.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import PlantForm from '../shed/PlantForm.svelte';

    const page = new Loaded(async () => {
        const [plants, cases, tests, catalogue, courses] = await Promise.all([
            taken(api.GET('/api/plants')),
            openCases(),
            taken(api.GET('/api/leaf-tests')),
            taken(api.GET('/api/catalogue')),
            taken(api.GET('/api/courses')),
        ]);
        return {
            plants: plants.plants,
            cases,
            tests: tests.leafTests,
            tolerance: catalogue.tolerance,
            courses: courses.courses.filter((one) => one.endedAt === null),
        };
    });
    undo.followedBy(page);
    /** Whoever comes with burnt leaves goes on to what helps them. */
    const burnt = location.hash === '#burnt' ? '#burnt' : '';

    const open = (cases: Schemas['CaseBrief'][], plant: number): Schemas['CaseBrief'][] =>
        cases.filter((one) => one.plant.id === plant && one.closedAt === null);
    const waits = (tests: Schemas['LeafTest'][], plant: number): boolean =>
        tests.some((one) => one.plant.id === plant && one.outcome === 'waiting');
    /** Those with something on them first. */
    const ordered = (plants: Schemas['Plant'][], cases: Schemas['CaseBrief'][]): Schemas['Plant'][] =>
        plants.filter((one) => !one.retired).toSorted((a, b) => open(cases, b.id).length - open(cases, a.id).length);
</script>

<Head title={say('plants/plants.plants')}
    ><a class="btn btn-primary" href="/look">{say('plants/plants.what-on-my-plant')}</a><a class="btn" href="/courses/new"
        >{say('plants/plants.keep-many-clean')}</a
    ></Head
>
<Waiting of={page}>
    {#snippet children({ plants, cases, tests, tolerance, courses })}
        {#if burnt !== ''}<p class="mb-2 text-lg font-bold">{say('plants/plants.which-looks-burnt')}</p>{/if}
        {#if plants.length === 0}<Empty text={say('plants/plants.none-yet-plants-leaf-decides')} />{/if}
        {#if courses.length > 0}
            <h2>{say('plants/plants.kept-clean')}</h2>
            <ul class="mb-4 grid gap-x-8 lg:grid-cols-2">
                {#each courses as course (course.id)}
                    <li class="border-base-300 border-b">
                        <a href={`/courses/${course.id}`} class="flex min-h-14 flex-wrap items-baseline gap-x-3 py-2"
                            ><span class="text-lg font-bold">{course.name}</span>
                            <span class="quiet">{say('plants/plants.course-plants', { plants: course.plants })}</span>
                            <span class="ml-auto">{course.pestName}</span></a
                        >
                    </li>
                {/each}
            </ul>
        {/if}
        <ul class="mb-6 grid gap-x-8 lg:grid-cols-2">
            {#each ordered(plants, cases) as plant (plant.id)}
                <li class="border-base-300 border-b">
                    <a href={`/plants/${plant.id}${burnt}`} class="flex min-h-14 flex-wrap items-baseline gap-x-3 py-2">
                        <span class="text-lg font-bold">{plant.name}</span>
                        <span class="quiet">{plant.place}</span>
                        <span class="ml-auto text-right"
                            >{#each open(cases, plant.id) as one (one.id)}<span class="block"
                                    >{one.pestName}{#if one.latestCount !== null}: <span class="quiet">{one.latestCount} {one.counted}</span
                                        >{/if}</span
                                >{/each}{#if waits(tests, plant.id)}<span class="block">{say('plants/plants.leaf-test-waits')}</span
                                >{/if}</span
                        >
                    </a>
                </li>
            {/each}
        </ul>
        <PlantForm {tolerance} onadded={() => void page.reload()} />
    {/snippet}
</Waiting>
