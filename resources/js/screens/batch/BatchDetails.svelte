<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import { forField } from '../../lib/time';
    import { instantOf, whenField } from '../../lib/when';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import History from '../../parts/History.svelte';
    import TakeBack from '../../parts/TakeBack.svelte';

    interface Props {
        batch: Schemas['Batch'];
        catalogue: Schemas['Catalogue'];
        onsaved: (batch: Schemas['Batch']) => void;
    }
    const { batch, catalogue, onsaved }: Props = $props();
    const form = untrack(
        () =>
            new Form(`batch-${batch.id}-${batch.version}`, {
                when: whenField(batch.madeAt),
                keeping: (batch.keeping ?? 'strict') as string,
                standTest: batch.standTest as string,
                notes: batch.notes,
            }),
    );

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const body = {
            madeAt: instantOf(form.values.when, batch.madeAt) ?? '',
            keeping: form.values.keeping as 'strict' | 'patient',
            standTest: form.values.standTest as Schemas['CorrectedBatch']['standTest'],
            notes: form.values.notes,
        };
        const saved = await form.send((_, basedOn) =>
            taken(api.PUT('/api/batches/{id}', { params: { path: { id: batch.id } }, body: { basedOn: basedOn(batch.version), ...body } })),
        );
        if (saved !== null) {
            form.clear();
            undo.changed('batches', saved, 'The batch', 'The batch is corrected.');
            onsaved(saved);
        }
    }

    const reopening = new Sending();

    async function reopen(): Promise<void> {
        const saved = await reopening.send((_, basedOn) =>
            taken(api.PUT('/api/batches/{id}/reopened', { params: { path: { id: batch.id } }, body: { basedOn: basedOn(batch.version) } })),
        );
        if (saved !== null) {
            undo.changed('batches', saved, 'The batch', 'The batch is open again: its spoonfuls can be ticked.');
            onsaved(saved);
        }
    }
</script>

<details class="no-print" data-details>
    <summary class="min-h-11 cursor-pointer py-2 font-bold">Correct it, keep it as a file, or take it back</summary>
    {#if batch.madeAt !== null}
        <form class="mt-2 grid gap-3" onsubmit={save}>
            <div class="grid gap-3 sm:grid-cols-2">
                <label class="grid gap-1"
                    ><span class="font-bold">Made</span><input
                        type="datetime-local"
                        class="input w-full"
                        required
                        max={forField(new Date())}
                        bind:value={form.values.when}
                    /></label
                >
                <label class="grid gap-1"
                    ><span class="font-bold">Kept as</span><select class="select w-full" bind:value={form.values.keeping}
                        ><option value="strict">the careful way</option><option value="patient">as long as some keep it</option></select
                    ></label
                >
            </div>
            <label class="grid gap-1"
                ><span class="font-bold">The glass after one minute</span><select class="select w-full" bind:value={form.values.standTest}
                    >{#each catalogue.standTests as one (one.code)}<option value={one.code}>{one.words}</option>{/each}</select
                ></label
            >
            <label class="grid gap-1"
                ><span class="font-bold">Notes</span><textarea
                    class="textarea w-full"
                    rows="2"
                    maxlength="4000"
                    bind:value={form.values.notes}></textarea></label
            >
            <FormFoot {form} send={() => void save()} />
            <button class="btn" disabled={form.held}>Correct the batch</button>
        </form>
        <p class="quiet mt-3">Was a spoonful ticked that did not go in? Open the batch again and put the ticks right.</p>
    {/if}
    <FormFoot form={reopening} send={() => void reopen()} />
    <div class="mt-2 flex flex-wrap gap-2">
        {#if batch.madeAt !== null}<button class="btn" disabled={reopening.held} onclick={() => void reopen()}>Open it again</button>{/if}
        <a class="btn" href={`/api/batches/${batch.id}/document`} download={`batch-${batch.id}.json`}>Keep it as a file</a>
        <TakeBack kind="batches" of={batch} what="The batch" label="Take the batch back" leave="/batches" />
    </div>
    <History kind="batches" id={batch.id} changes={batch.changes} />
</details>
