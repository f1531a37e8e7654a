<script lang="ts">
    import { untrack } from 'svelte';
    import { line } from '../../lib/line.svelte';
    import { end as endBatch } from '../../lib/batches';
    import type { Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { actPlace, bestHours, placeOf } from '../../lib/tasks';
    import { dueFrom } from '../../lib/time';
    import FormFoot from '../../parts/FormFoot.svelte';
    import MoveForm from './MoveForm.svelte';
    import QuickCount from '../cases/QuickCount.svelte';

    interface Props {
        task: Schemas['Task'];
        now: Date;
        /** The first of the day: its button is the main one. */
        main: boolean;
        onchange: () => void;
    }
    const { task, now, main, onchange }: Props = $props();
    const sending = new Sending();
    untrack(() => {
        if (task.counted !== null && task.key !== null) {
            line.names.set(`cases/${task.key}`, task.text);
        }
    });
    const due = $derived(task.slot === 'now' || task.slot === 'today');
    const place = $derived(placeOf(task));
    const next = $derived(actPlace(task));
    const round = $derived(task.kind === 'next-round' || task.kind === 'first-round');
    const together = $derived(task.kind === 'course-round');
    let gone = $state(true);

    async function end(usedUp: boolean): Promise<void> {
        gone = usedUp;
        if ((await sending.send(() => endBatch(task.key ?? '', usedUp))) !== null) {
            onchange();
        }
    }
</script>

<li class="border-base-300 flex flex-wrap items-center gap-x-4 gap-y-2 border-b py-2" data-task={task.kind}>
    <p class="min-w-56 flex-1">
        <a class="text-lg font-bold" href={place}>{task.text}</a>
        <span class={['text-sm whitespace-nowrap', task.urgency === 'overdue' ? 'text-error font-bold' : 'quiet']}
            >{dueFrom(task.dueAt, now)}</span
        >
        {#if (round || together) && (task.bestFrom !== null || (due && task.moves.length === 0))}<span class="block text-sm" data-best
                >{bestHours(task, now)}</span
            >{/if}
        {#each task.moves as move, i (i)}<span class="block text-sm" data-moved>{move}</span>{/each}
    </p>
    {#if due || round || together || task.kind === 'count-after'}
        {#if due || task.ready !== null}
            <div class="no-print flex w-full flex-wrap items-end gap-2 sm:w-auto">
                {#if task.kind === 'count-after' && task.counted !== null && task.key !== null}
                    <QuickCount caseKey={task.key} counted={task.counted} {main} onsaved={onchange} />
                {:else if task.kind === 'discard'}
                    {#if task.bottle !== null && task.bottle.act !== 'pour-off'}<a class={[main ? 'act min-h-12' : 'btn']} href={next}
                            >{task.do}</a
                        >{/if}
                    <button class="btn" disabled={sending.held} onclick={() => void end(true)}>{say('today/task-row.used-up')}</button>
                    <button class="btn" disabled={sending.held} onclick={() => void end(false)}>{say('today/task-row.poured-away')}</button>
                {:else if together && task.ready !== null}
                    <a class={[main ? 'act min-h-12' : 'btn']} href={next}>{task.do}</a>
                {:else if round && task.ready !== null}
                    <a
                        class={[main ? 'act min-h-12' : 'btn']}
                        href={next}
                        aria-label={say('today/task-row.spray', { act: task.do, text: task.text })}>{task.do}</a
                    >
                    <a
                        class="btn"
                        href={`/day?spray=batch-${task.ready}`}
                        aria-label={say('today/task-row.which-hour', { text: task.text })}>{say('today/task-row.which-hour-2')}</a
                    >
                {:else if round}
                    <a
                        class={[main ? 'act min-h-12' : 'btn']}
                        href={`/bench?case=${task.ref}`}
                        aria-label={say('today/task-row.mix', { text: task.text })}>{say('today/task-row.mix-2')}</a
                    >
                    <a class="btn" href="/day" aria-label={say('today/task-row.which-hour', { text: task.text })}
                        >{say('today/task-row.which-hour-2')}</a
                    >
                    <a class="btn" href={`/cases/${task.ref}/choose`} aria-label={say('today/task-row.choose-spray', { text: task.text })}
                        >{say('today/task-row.choose')}</a
                    >
                {:else}
                    <a class={[main ? 'act min-h-12' : 'btn']} href={next}>{task.do}</a>
                {/if}
            </div>
            <FormFoot form={sending} send={() => void end(gone)} />
        {/if}
        {#if task.kind !== 'finish-run' && task.kind !== 'finish-mixing' && task.kind !== 'discard'}<MoveForm {task} {onchange} />{/if}
    {/if}
</li>
