<script lang="ts">
    import Check from '@lucide/svelte/icons/check';
    import type { Tally } from './tally.svelte';

    interface Props {
        load: number;
        number: number;
        tally: Tally;
        go: () => void;
    }
    const { load, number, tally, go }: Props = $props();
    const task = $derived(tally.tasksOf(load)[number - 1]);
    const item = $derived(task === undefined ? undefined : tally.itemOf(load, task));
    const done = $derived(tally.isDone(load, number));
    const some = $derived(item?.scoops.reduce((all, scoop) => all + scoop.ticked.length, 0) ?? 0);
    const all = $derived(item?.scoops.reduce((sum, scoop) => sum + scoop.count, 0) ?? 0);
</script>

<li class="border-base-300 flex items-center gap-3 border-b py-1">
    {#if item === undefined}
        <input
            type="checkbox"
            class="checkbox checkbox-primary size-8 shrink-0"
            checked={done}
            aria-label={say('batch/step-row.done', { text: task?.text ?? '' })}
            onchange={(event) => tally.tickStep(load, number, event.currentTarget.checked)}
        />
    {:else}
        <span class="numeral grid size-8 shrink-0 place-items-center rounded border-2 font-bold"
            >{#if done}<Check size={20} aria-label="done" />{:else}{some}/{all}{/if}</span
        >
    {/if}
    <button class="min-h-11 flex-1 text-left print:block!" onclick={go}>{task?.text}</button>
</li>
