<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { fromField } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';

    interface Props {
        task: Schemas['Task'];
        onchange: () => void;
    }
    const { task, onchange }: Props = $props();
    const form = new Form(
        untrack(() => `move-${task.kind}-${task.ref}-${task.plannedAt}`),
        { to: '', reason: '' },
    );
    const round = $derived(task.kind === 'next-round' || task.kind === 'first-round');
    /** What goes by itself is not moved. */
    const goesOn = $derived(task.kind === 'finish-run' || task.kind === 'finish-mixing' || task.kind === 'discard');

    async function move(to: string | null): Promise<void> {
        const said = await form.send((submission) =>
            taken(
                api.POST('/api/moves', {
                    body: { submission, kind: task.kind, ref: task.ref, plannedAt: task.plannedAt, to, reason: form.values.reason },
                }),
            ),
        );
        if (said !== null) {
            // The bar stays over other screens: it has to say of what it speaks.
            const [what, done] = to === null ? ['Skipping', 'Skipped'] : [say('today/later.new-time-of'), 'Moved'];
            undo.made('moves', said.saved, `${what} “${task.text}”`, undefined, `${done}: ${task.text}.`);
            form.clear();
            onchange();
        }
    }
</script>

<div class="no-print grid gap-2 pb-3" data-move>
    {#if round}<p class="flex flex-wrap gap-2">
            <a
                class="btn"
                href={task.ready === null ? '/day' : `/day?spray=batch-${task.ready}`}
                aria-label={say('today/later.which-hour', { text: task.text })}>{say('today/later.which-hour-2')}</a
            >
            {#if task.ready === null}<a
                    class="btn"
                    href={`/cases/${task.ref}/choose`}
                    aria-label={say('today/later.choose-spray', { text: task.text })}>{say('today/later.choose')}</a
                >{/if}
        </p>{/if}
    {#if !goesOn}
        <form class="flex flex-wrap items-end gap-3" onsubmit={(event) => event.preventDefault()}>
            <label class="grid gap-1"
                ><span class="font-bold">{say('today/later.when')}</span><input
                    name="to"
                    type="datetime-local"
                    class="input w-full"
                    bind:value={form.values.to}
                /></label
            >
            <label class="grid min-w-40 flex-1 gap-1"
                ><span class="font-bold">{say('today/later.why')}</span><input
                    name="reason"
                    class="input w-full"
                    maxlength="500"
                    bind:value={form.values.reason}
                /></label
            >
            <button
                type="button"
                class="btn"
                disabled={form.held || form.values.to === ''}
                onclick={() => void move(fromField(form.values.to))}>{say('today/later.move')}</button
            >
            <button type="button" class="btn" disabled={form.held || form.values.reason.trim() === ''} onclick={() => void move(null)}
                >{say('today/later.skip')}</button
            >
        </form>
        <FormFoot {form} send={() => void move(form.values.to === '' ? null : fromField(form.values.to))} />
    {/if}
</div>
