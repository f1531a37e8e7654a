<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { undo } from '../../lib/undo.svelte';
    import Empty from '../../parts/Empty.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import AxisHead from '../../row/AxisHead.svelte';
    import LeafState from '../../row/LeafState.svelte';
    import Row from '../../row/Row.svelte';
    import PlantForm from '../shed/PlantForm.svelte';
    import { placesOf } from './board';

    let pages = $state(1);
    const page = new Loaded(async () => {
        const [catalogue, courses, board] = await Promise.all([
            taken(api.GET('/api/catalogue')),
            taken(api.GET('/api/courses')),
            taken(api.GET('/api/rows')),
        ]);
        let { rows, next } = board;
        for (let shown = 1; shown < pages && next !== null; ++shown) {
            const more = await taken(api.GET('/api/rows', { params: { query: { from: next } } }));
            rows = [...rows, ...more.rows];
            next = more.next;
        }
        return { rows, next, tolerance: catalogue.tolerance, courses: courses.courses.filter((one) => one.endedAt === null) };
    });
    undo.followedBy(page);
    /** Whoever comes with burnt leaves goes on to what helps them. */
    const burnt = location.hash === '#burnt' ? '#burnt' : '';
</script>

<Head title={say('plants/plants.plants')}
    ><a class="btn btn-primary" href="/look">{say('plants/plants.what-on-my-plant')}</a><a class="btn" href="/courses/new"
        >{say('plants/plants.keep-many-clean')}</a
    ></Head
>
<Waiting of={page}>
    {#snippet children({ rows, next, tolerance, courses })}
        {#if burnt !== ''}<p class="mb-2 text-lg font-bold">{say('plants/plants.which-looks-burnt')}</p>{/if}
        {#if rows.length === 0}<Empty text={say('plants/plants.none-yet-plants-leaf-decides')} />{/if}
        {#if courses.length > 0}
            <h2>{say('plants/plants.kept-clean')}</h2>
            <ul class="mb-4 grid gap-x-8 lg:grid-cols-2">
                {#each courses as course (course.id)}
                    <li class="border-base-300 border-b">
                        <a href={`/courses/${course.id}`} class="flex min-h-14 flex-wrap items-baseline gap-x-3 py-2"
                            ><span class="text-lg font-bold">{course.name}</span>
                            <span class="quiet">{say('plants/plants.course-plants', { plants: course.plants })}</span>
                            <span class="ml-auto">{course.apart ? say('plants/plants.apart') : course.pestName}</span></a
                        >
                    </li>
                {/each}
            </ul>
        {/if}
        {#if rows[0] !== undefined}<div class="axis"><AxisHead row={rows[0]} /></div>{/if}
        {#each placesOf(rows) as place (place.name)}
            <section class="mb-4" aria-label={place.name === '' ? say('plants/plants.anywhere') : place.name}>
                {#if place.name !== ''}<h2 class="text-base">{place.name}</h2>{/if}
                <ul>
                    {#each place.rows as row (row.plantId)}
                        <li class="plant" data-plant={row.plantId}>
                            <div class="name">
                                <LeafState {row} small />
                                <div class="min-w-0">
                                    <a href={`/plants/${row.plantId}${burnt}`} class="block truncate text-lg leading-tight font-bold"
                                        >{row.name}</a
                                    >
                                    <p class="leading-tight">{row.brief}</p>
                                </div>
                            </div>
                            <Row {row} height={44} />
                        </li>
                    {/each}
                </ul>
            </section>
        {/each}
        {#if next !== null}<button
                class="btn mb-4"
                onclick={() => {
                    ++pages;
                    void page.reload();
                }}>{say('plants/plants.more')}</button
            >{/if}
        <PlantForm {tolerance} onadded={() => void page.reload()} />
    {/snippet}
</Waiting>

<style>
    .plant {
        position: relative;
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        border-top: 1px solid color-mix(in oklab, var(--color-base-300) 45%, transparent);
    }
    /* The whole line leads to the plant. */
    .plant a::after {
        content: '';
        position: absolute;
        inset: 0;
    }
    .name {
        display: flex;
        align-items: center;
        gap: 0.5rem;
        min-height: 2.75rem;
        padding: 2px 0;
    }
    @media (min-width: 48rem) {
        .plant {
            grid-template-columns: 20rem minmax(0, 1fr);
            column-gap: 1rem;
            align-items: center;
        }
        .axis {
            margin-left: 21rem;
        }
    }
</style>
