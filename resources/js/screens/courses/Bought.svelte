<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { atTime } from '../../lib/time';
    import TakeBack from '../../parts/TakeBack.svelte';
    import BoughtForAll from './BoughtForAll.svelte';

    interface Props {
        course: Schemas['Course'];
        onsaved: (course: Schemas['Course']) => void;
    }
    /** What was bought for the plants of a course, and where more of it is kept. */
    const { course, onsaved }: Props = $props();
    let buying = $state(false);
    const on = $derived(course.plants.filter((one) => !one.left));

    function saved(course: Schemas['Course']): void {
        buying = false;
        onsaved(course);
    }
</script>

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
