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
            new Form(`batch-${batch.key}-${batch.version}`, {
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
            taken(
                api.PUT('/api/batches/{id}', { params: { path: { id: batch.key } }, body: { basedOn: basedOn(batch.version), ...body } }),
            ),
        );
        if (saved !== null) {
            form.clear();
            undo.changed('batches', saved, say('batch/batch-details.batch'), say('batch/batch-details.batch-corrected'));
            onsaved(saved);
        }
    }

    const reopening = new Sending();

    async function reopen(): Promise<void> {
        const saved = await reopening.send((_, basedOn) =>
            taken(
                api.PUT('/api/batches/{id}/reopened', { params: { path: { id: batch.key } }, body: { basedOn: basedOn(batch.version) } }),
            ),
        );
        if (saved !== null) {
            undo.changed('batches', saved, say('batch/batch-details.batch'), say('batch/batch-details.batch-open-again-its-spoonfuls'));
            onsaved(saved);
        }
    }
</script>

<details class="no-print" data-details>
    <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('batch/batch-details.correct-keep-as-file-or')}</summary>
    {#if batch.madeAt !== null}
        <form class="mt-2 grid gap-3" onsubmit={save}>
            <div class="grid gap-3 sm:grid-cols-2">
                <label class="grid gap-1"
                    ><span class="font-bold">{say('batch/batch-details.made')}</span><input
                        name="when"
                        type="datetime-local"
                        class="input w-full"
                        required
                        max={forField(new Date())}
                        bind:value={form.values.when}
                    /></label
                >
                <label class="grid gap-1"
                    ><span class="font-bold">{say('batch/batch-details.kept-as')}</span><select
                        name="keeping"
                        class="select w-full"
                        bind:value={form.values.keeping}
                        ><option value="strict">{say('batch/batch-details.careful-way')}</option><option value="patient"
                            >{say('batch/batch-details.as-long-as-some-keep')}</option
                        ></select
                    ></label
                >
            </div>
            <label class="grid gap-1"
                ><span class="font-bold">{say('batch/batch-details.glass-after-one-minute')}</span><select
                    name="standTest"
                    class="select w-full"
                    bind:value={form.values.standTest}
                    >{#each catalogue.standTests as one (one.code)}<option value={one.code}>{one.words}</option>{/each}</select
                ></label
            >
            <label class="grid gap-1"
                ><span class="font-bold">{say('batch/batch-details.notes')}</span><textarea
                    name="notes"
                    class="textarea w-full"
                    rows="2"
                    maxlength="4000"
                    bind:value={form.values.notes}></textarea></label
            >
            <FormFoot {form} send={() => void save()} />
            <button class="btn" disabled={form.held}>{say('batch/batch-details.correct-batch')}</button>
        </form>
        <p class="quiet mt-3">{say('batch/batch-details.was-spoonful-ticked-that-did')}</p>
    {/if}
    <FormFoot form={reopening} send={() => void reopen()} />
    <div class="mt-2 flex flex-wrap gap-2">
        {#if batch.madeAt !== null}<button class="btn" disabled={reopening.held} onclick={() => void reopen()}
                >{say('batch/batch-details.open-again')}</button
            >{/if}
        <a class="btn" href={`/api/batches/${batch.id}/document`} download={`batch-${batch.id}.json`}
            >{say('batch/batch-details.keep-as-file')}</a
        >
        <TakeBack
            kind="batches"
            of={batch}
            what={say('batch/batch-details.batch')}
            label={say('batch/batch-details.take-batch-back')}
            leave="/batches"
        />
    </div>
    <History kind="batches" id={batch.id} changes={batch.changes} />
</details>
