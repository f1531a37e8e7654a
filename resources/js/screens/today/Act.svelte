<script lang="ts">
    import { end as endBatch } from '../../lib/batches';
    import type { Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { actPlace } from '../../lib/tasks';
    import FormFoot from '../../parts/FormFoot.svelte';
    import QuickCount from '../cases/QuickCount.svelte';

    interface Props {
        task: Schemas['Task'];
        /** The first of the day: its button is the main one. */
        main: boolean;
        /** Where room is short: a word or two. */
        brief?: boolean;
        /** Whether its stepper is open. */
        counting?: boolean;
        /** What is typed into its stepper, before it is kept. */
        typed?: string;
        onchange: () => void;
    }
    let { task, main, brief = false, counting = $bindable(false), typed = $bindable(''), onchange }: Props = $props();
    const sending = new Sending();
    const look = $derived(main ? 'act min-h-12' : 'btn');
    const round = $derived(task.kind === 'next-round' || task.kind === 'first-round');
    let gone = $state(true);

    /** What is written on it is in its name. */
    const named = $derived(task.do.toLowerCase().includes(task.short.toLowerCase()) ? task.do : `${task.short}: ${task.do}`);

    /** What is long is said to whoever listens, and stands under the name of its plant. */
    const written = $derived(task.do.length > 12 ? task.short : task.do);

    async function end(usedUp: boolean): Promise<void> {
        gone = usedUp;
        if ((await sending.send(() => endBatch(task.key ?? '', usedUp))) !== null) {
            onchange();
        }
    }
</script>

<div class="no-print flex flex-wrap items-end gap-2">
    {#if task.kind === 'count-after' && task.counted !== null && task.key !== null && brief && !main && !counting && typed === ''}
        <button class="btn" aria-label={task.text} onclick={() => (counting = true)}>{task.short}</button>
    {:else if task.kind === 'count-after' && task.counted !== null && task.key !== null}
        <QuickCount caseKey={task.key} counted={task.counted} {main} brief bind:text={typed} onsaved={onchange} />
    {:else if task.kind === 'discard'}
        {#if task.bottle !== null && task.bottle.act !== 'pour-off'}<a class={look} href={actPlace(task)}>{task.do}</a>{/if}
        <button class="btn" disabled={sending.held} onclick={() => void end(true)}>{say('today/task-row.used-up')}</button>
        <button class="btn" disabled={sending.held} onclick={() => void end(false)}>{say('today/task-row.poured-away')}</button>
    {:else if task.undecided}
        <a class={look} href={`/cases/${task.ref}/choose`} aria-label={say('today/task-row.decide', { text: task.text })}
            >{say('today/task-row.decide-2')}</a
        >
    {:else if round && task.ready === null}
        <a class={look} href={`/bench?case=${task.ref}`} aria-label={say('today/task-row.mix', { text: task.text })}
            >{say('today/task-row.mix-2')}</a
        >
    {:else if round}
        <a class={look} href={actPlace(task)} aria-label={say('today/task-row.spray', { act: named, text: task.text })}>{written}</a>
    {:else}
        <a class={look} href={actPlace(task)} aria-label={named}>{written}</a>
    {/if}
</div>
<FormFoot form={sending} send={() => void end(gone)} />
