<script lang="ts">
    import { bottlePlace } from '../../lib/bottle';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import { bestHours } from '../../lib/tasks';
    import { atTime, onDay, onShortDay } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import Ahead from '../../parts/Ahead.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import Head from '../../parts/Head.svelte';
    import TakeBack from '../../parts/TakeBack.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { route } from '../../routes';
    import BoughtForAll from './BoughtForAll.svelte';
    import ChangeCourse from './ChangeCourse.svelte';
    import LookOver from './LookOver.svelte';

    const id = Number(route.params.id);
    const page = new Loaded(() => taken(api.GET('/api/courses/{id}', { params: { path: { id } } })));
    undo.followedBy(page);
    const sending = new Sending();
    let looking = $state(location.hash === '#look');
    let changing = $state(false);
    let buying = $state(false);
    /** A plant on which something was seen during a walk. */
    const seen = Number(new URLSearchParams(location.search).get('plant') ?? 0) || null;

    const round = (course: Schemas['Course']): Schemas['Task'] | undefined => course.tasks.find((one) => one.kind === 'course-round');
    const next = (course: Schemas['Course']): Schemas['AheadEntry'] | undefined =>
        course.ahead?.entries.find((one) => !one.done && (one.kind === 'round' || one.kind === 'look'));
    const bench = (course: Schemas['Course']): string =>
        `/bench?recipe=${course.methods[0]?.slug ?? ''}&plant=${course.plants.find((one) => !one.left)?.plant.id ?? ''}&course=${course.id}`;

    const isClear = (course: Schemas['Course']): boolean => course.tasks.some((one) => one.kind === 'course-clear');

    /** What stood apart stands with the others. */
    async function end(course: Schemas['Course']): Promise<void> {
        const ended = await sending.send((_, basedOn) =>
            taken(
                api.PUT('/api/courses/{id}', {
                    params: { path: { id: course.key } },
                    body: {
                        basedOn: basedOn(course.version),
                        name: course.name,
                        pest: course.pest,
                        recipes: [],
                        plantIds: course.plants.filter((one) => !one.left).map((one) => one.plant.id),
                        ended: true,
                    },
                }),
            ),
        );
        if (ended !== null) {
            undo.changed('courses', ended, ended.name, say('courses/change-course.changed', { name: ended.name }));
            saved(ended);
        }
    }

    function saved(course: Schemas['Course']): void {
        page.value = course;
        looking = false;
        changing = false;
        buying = false;
        scrollTo({ top: 0 });
    }
</script>

<Waiting of={page}>
    {#snippet children(course)}
        {@const on = course.plants.filter((one) => !one.left)}
        {@const due = round(course)}
        {@const coming = next(course)}
        <Head title={course.name} />
        <p class="quiet -mt-3 mb-3">
            {say('courses/course.plants-against', {
                plants: on.length,
                against: course.pestName === '' ? '' : `, ${course.pestName.toLowerCase()}`,
            })}
            {course.trial !== null
                ? say('courses/course.since-trial', { begunAt: onDay(course.begunAt) })
                : course.methods.length === 0
                  ? say('courses/course.since-apart', { begunAt: onDay(course.begunAt) })
                  : say('courses/course.since', { begunAt: onDay(course.begunAt), name: course.methods.map((one) => one.name).join(', ') })}
            {#if course.endedAt !== null}<strong>{say('courses/course.ended', { endedAt: onDay(course.endedAt) })}</strong>{/if}
        </p>
        {#if course.trial !== null}<p class="mb-4">
                {say('courses/course.side-of-trial', { side: course.side ?? '' })}
                <a class="link font-bold" href={`/trials/${course.trial.id}`}>{course.trial.name}</a>
            </p>{/if}
        {#if course.endedAt === null && course.trial === null}
            <section
                class="apron no-print -mx-4 px-4 py-4 sm:mx-0 sm:rounded-b"
                aria-label={say('courses/course.what-next')}
                data-part="act"
                data-state={course.state}
            >
                {#if isClear(course)}
                    <p class="text-xl font-bold">{say('courses/course.clear', { plants: on.length })}</p>
                {:else if due !== undefined && due.slot !== 'after' && due.slot !== 'week'}
                    <p class="text-xl font-bold">{say('courses/course.all-are-sprayed', { plants: on.length })}</p>
                {:else if coming !== undefined}
                    <p class="text-xl font-bold">
                        {coming.kind === 'round'
                            ? say('courses/course.next-round', { on: onShortDay(coming.on) })
                            : say('courses/course.next-look', { on: onShortDay(coming.on) })}
                    </p>
                {/if}
                <p data-because>{course.because} {course.nearest}</p>
                {#if due !== undefined && due.slot !== 'after' && due.slot !== 'week'}<p data-best>{bestHours(due, new Date())}</p>{/if}
                <div class="mt-3 flex flex-wrap gap-2">
                    {#if due !== undefined && due.bottle !== null && due.ready !== null}
                        <a class="act" href={bottlePlace(due.bottle, due.ready, null)}>{due.bottle.actWords}</a>
                    {:else if due !== undefined}
                        <a class="act" href={bench(course)}>{say('courses/course.mix-for-all')}</a>
                    {/if}
                    {#if isClear(course)}<button class="act" disabled={sending.held} onclick={() => void end(course)}
                            >{say('courses/course.put-back')}</button
                        >{/if}
                    {#if on.length > 0}<button
                            class={due === undefined && !isClear(course) ? 'act' : 'aside-act'}
                            aria-expanded={looking}
                            onclick={() => (looking = !looking)}>{say('courses/course.look-them-over')}</button
                        >{/if}
                </div>
                <FormFoot form={sending} send={() => void end(course)} />
            </section>
            {#if looking}<LookOver {course} {seen} onsaved={saved} />{/if}
        {/if}
        {#if course.ahead !== null}
            <details class="dish mt-4" open>
                <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('courses/course.the-line')}</summary>
                <Ahead all={course.ahead} prevents />
                {#each course.limits as limit (limit)}<p class="quiet mt-2 text-sm">{limit}</p>{/each}
            </details>
        {/if}
        <h2 class="mt-6">{say('courses/course.its-plants')}</h2>
        <ul class="grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
            {#each course.plants as one (one.caseId)}
                <li class="border-base-300 border-b">
                    <a class="flex min-h-11 flex-wrap items-baseline gap-x-3 py-1" href={`/plants/${one.plant.id}`}
                        ><span class={one.left ? 'quiet' : 'font-bold'}>{one.plant.name}</span>
                        {#if one.left}<span class="quiet text-sm">{one.conclusion || say('courses/course.no-more-on-it')}</span>{/if}</a
                    >
                </li>
            {/each}
        </ul>
        {#if course.looks.length > 0}
            <h2 class="mt-6">{say('courses/course.looks')}</h2>
            <ul>
                {#each course.looks as look (look.id)}
                    <li class="border-base-300 flex flex-wrap items-center gap-x-3 border-b">
                        <span class="min-w-56 flex-1"
                            >{look.found === 0
                                ? say('courses/course.looked-clean', { at: atTime(look.lookedAt), plants: look.plants })
                                : say('courses/course.looked-found', {
                                      at: atTime(look.lookedAt),
                                      plants: look.plants,
                                      found: look.found,
                                  })}</span
                        >{#if look.found === 0}<TakeBack kind="course-looks" of={look} what={say('courses/course.the-look')} />{/if}
                    </li>
                {/each}
            </ul>
        {/if}
        {#if course.bought.length > 0}
            <h2 class="mt-6">{say('courses/course.bought')}</h2>
            <ul data-bought>
                {#each course.bought as one (one.id)}
                    <li class="border-base-300 flex flex-wrap items-center gap-x-3 border-b">
                        <span class="min-w-56 flex-1"
                            >{say('courses/course.bought-on', { name: one.name, at: atTime(one.sprayedAt), plants: one.plants })}</span
                        ><TakeBack kind="rounds" of={one} what={one.name} />
                    </li>
                {/each}
            </ul>
        {/if}
        {#if course.endedAt === null && on.length > 0 && (course.trial === null || course.methods.length === 0)}
            <details class="mt-6" bind:open={buying}>
                <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('courses/course.something-bought')}</summary>
                {#if buying}<BoughtForAll course={course.key} onsaved={saved} />{/if}
            </details>
        {/if}
        {#if course.trial === null}
            <details class="mt-6" bind:open={changing}>
                <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('courses/course.change')}</summary>
                {#if changing}{#key course.version}<ChangeCourse {course} onsaved={saved} />{/key}{/if}
            </details>
        {/if}
    {/snippet}
</Waiting>
