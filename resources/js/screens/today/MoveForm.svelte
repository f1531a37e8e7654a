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
    let open = $state(false);
    const form = new Form(
        untrack(() => `move-${task.kind}-${task.ref}-${task.plannedAt}`),
        { to: '', reason: '' },
    );

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
            const [what, done] = to === null ? ['Skipping', 'Skipped'] : [say('today/move-form.new-time-of'), 'Moved'];
            undo.made('moves', said.saved, `${what} “${task.text}”`, undefined, `${done}: ${task.text}.`);
            form.clear();
            onchange();
        }
    }
</script>

<details class={['no-print', open && 'w-full']} bind:open data-move>
    <summary class="link min-h-11 cursor-pointer py-2 text-sm">{say('today/move-form.move-or-skip')}</summary>
    <form class="flex flex-wrap items-end gap-3" onsubmit={(event) => event.preventDefault()}>
        <label class="grid gap-1"
            ><span class="font-bold">{say('today/move-form.when')}</span><input
                type="datetime-local"
                class="input w-full"
                bind:value={form.values.to}
            /></label
        >
        <label class="grid min-w-40 flex-1 gap-1"
            ><span class="font-bold">{say('today/move-form.why')}</span><input
                class="input w-full"
                maxlength="500"
                bind:value={form.values.reason}
            /></label
        >
        <button type="button" class="btn" disabled={form.held || form.values.to === ''} onclick={() => void move(fromField(form.values.to))}
            >{say('today/move-form.move')}</button
        >
        <button type="button" class="btn" disabled={form.held || form.values.reason.trim() === ''} onclick={() => void move(null)}
            >{say('today/move-form.skip')}</button
        >
    </form>
    <FormFoot {form} send={() => void move(form.values.to === '' ? null : fromField(form.values.to))} />
</details>
