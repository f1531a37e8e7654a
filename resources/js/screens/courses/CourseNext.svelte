<script lang="ts">
    import { bottlePlace } from '../../lib/bottle';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { bestHours } from '../../lib/tasks';
    import { onShortDay } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import { benchOf } from './chosen';

    interface Props {
        course: Schemas['Course'];
        /** Whether its plants are being looked over. */
        looking: boolean;
        onsaved: (course: Schemas['Course']) => void;
    }
    /** What comes next on a course, why, and the one act for it. */
    let { course, looking = $bindable(), onsaved }: Props = $props();
    const sending = new Sending();
    const on = $derived(course.plants.filter((one) => !one.left));
    const due = $derived(course.tasks.find((one) => one.kind === 'course-round'));
    const coming = $derived(course.ahead?.entries.find((one) => !one.done && (one.kind === 'round' || one.kind === 'look')));
    const isClear = $derived(course.tasks.some((one) => one.kind === 'course-clear'));

    /** What stood apart stands with the others. */
    async function end(): Promise<void> {
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
            onsaved(ended);
        }
    }
</script>

<section
    class="apron no-print -mx-4 px-4 py-4 sm:mx-0 sm:rounded-b"
    aria-label={say('courses/course.what-next')}
    data-part="act"
    data-state={course.state}
>
    {#if isClear}
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
            <a class="act" href={benchOf(course.id, course.methods[0]?.slug, on[0]?.plant.id)}>{say('courses/course.mix-for-all')}</a>
        {/if}
        {#if isClear}<button class="act" disabled={sending.held} onclick={() => void end()}>{say('courses/course.put-back')}</button>{/if}
        {#if on.length > 0}<button
                class={due === undefined && !isClear ? 'act' : 'aside-act'}
                aria-expanded={looking}
                onclick={() => (looking = !looking)}>{say('courses/course.look-them-over')}</button
            >{/if}
    </div>
    <FormFoot form={sending} send={() => void end()} />
</section>
