<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { atTime, onDay } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import Ahead from '../../parts/Ahead.svelte';
    import Head from '../../parts/Head.svelte';
    import TakeBack from '../../parts/TakeBack.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { route } from '../../routes';
    import Bought from './Bought.svelte';
    import ChangeCourse from './ChangeCourse.svelte';
    import CourseNext from './CourseNext.svelte';
    import LookOver from './LookOver.svelte';

    const id = Number(route.params.id);
    const page = new Loaded(() => taken(api.GET('/api/courses/{id}', { params: { path: { id } } })));
    undo.followedBy(page);
    let looking = $state(location.hash === '#look');
    let changing = $state(false);
    /** A plant on which something was seen during a walk. */
    const seen = Number(new URLSearchParams(location.search).get('plant') ?? 0) || null;

    function saved(course: Schemas['Course']): void {
        page.value = course;
        looking = false;
        changing = false;
        scrollTo({ top: 0 });
    }
</script>

<Waiting of={page}>
    {#snippet children(course)}
        {@const on = course.plants.filter((one) => !one.left)}
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
            <CourseNext {course} bind:looking onsaved={saved} />
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
        <Bought {course} onsaved={saved} />
        {#if course.trial === null}
            <details class="mt-6" bind:open={changing}>
                <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('courses/course.change')}</summary>
                {#if changing}{#key course.version}<ChangeCourse {course} onsaved={saved} />{/key}{/if}
            </details>
        {/if}
    {/snippet}
</Waiting>
