<script lang="ts">
    import ChevronDown from '@lucide/svelte/icons/chevron-down';
    import type { Schemas } from '../../lib/client';
    import { bestHours, placeOf } from '../../lib/tasks';
    import { dueFrom } from '../../lib/time';
    import Jar from '../batch/Jar.svelte';
    import Act from './Act.svelte';

    interface Props {
        task: Schemas['Task'];
        now: Date;
        main: boolean;
        onchange: () => void;
    }
    const { task, now, main, onchange }: Props = $props();
    const goesOn = $derived(task.kind === 'finish-run' || task.kind === 'finish-mixing' || task.kind === 'discard');
    const due = $derived(task.slot === 'now' || task.slot === 'today');
    let open = $state(false);
</script>

<li class="border-base-300 flex flex-wrap items-center gap-x-3 gap-y-1 border-t py-1" data-task={task.kind}>
    {#if task.bottle !== null}<Jar bottle={task.bottle} />{/if}
    <p class="min-w-40 flex-1">
        <a class="text-lg leading-tight font-bold" href={placeOf(task)}>{task.text}</a>
        <span class={['text-sm whitespace-nowrap', task.urgency === 'overdue' ? 'text-error font-bold' : 'quiet']}
            >{goesOn && due ? '' : dueFrom(task.dueAt, now)}</span
        >
        {#if task.kind === 'course-round' && task.bestFrom !== null}<span class="block text-sm" data-best>{bestHours(task, now)}</span>{/if}
        {#each task.moves as move, i (i)}<span class="block text-sm" data-moved>{move}</span>{/each}
    </p>
    {#if due || task.ready !== null}<Act {task} {main} {onchange} />{/if}
    {#if !goesOn}
        <button
            class="btn btn-ghost btn-square no-print"
            aria-expanded={open}
            aria-label={say('today/plant-line.later', { text: task.text })}
            onclick={() => (open = !open)}><ChevronDown size={22} aria-hidden="true" /></button
        >
        {#if open}<div class="w-full">
                {#await import('./Later.svelte') then { default: Later }}<Later {task} {onchange} />{/await}
            </div>{/if}
    {/if}
</li>
