<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import Choice from '../../parts/Choice.svelte';
    import { APART, fitting } from './chosen';

    interface Props {
        methods: Schemas['CourseMethod'][];
        pests: Schemas['Catalogue']['pests'];
        /** Slug of what is feared; empty where nothing by name. */
        pest: string;
        /** Slug of the spray, or that nothing is sprayed. */
        recipe: string;
    }
    let { methods, pests, pest = $bindable(), recipe = $bindable() }: Props = $props();
    const offered = $derived(fitting(methods, pest));
    const every = (days: number | null): string =>
        days === null ? say('courses/method-taps.once') : say('courses/method-taps.every', { days });
    $effect(() => {
        if (recipe !== APART && !offered.some((one) => one.slug === recipe)) {
            recipe = offered[0]?.slug ?? '';
        }
    });
</script>

<label class="grid gap-1"
    ><span class="font-bold">{say('courses/method-taps.what-is-feared')}</span><select class="select w-full" bind:value={pest}>
        <option value="">{say('courses/method-taps.nothing-by-name')}</option>
        {#each pests as one (one.slug)}<option value={one.slug}>{one.name}</option>{/each}
    </select></label
>
{#if offered.length === 0}<p>{say('courses/method-taps.nothing-as-prevention')}</p>{/if}
<Choice
    legend={say('courses/method-taps.with-what')}
    name="course-spray"
    options={[
        { value: APART, label: say('courses/method-taps.apart'), note: say('courses/method-taps.apart-weekly') },
        ...offered.map((one) => ({ value: one.slug, label: one.name, note: every(one.days) })),
    ]}
    bind:value={recipe}
/>
