<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import type { Form } from '../../lib/form.svelte';
    import { undo } from '../../lib/undo.svelte';
    import Choice from '../../parts/Choice.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import type { Tally } from './tally.svelte';

    interface Props {
        tally: Tally;
        form: Form<{ glass: string; keeping: string; notes: string }>;
        catalogue: Schemas['Catalogue'];
        onfinished: (batch: Schemas['Batch']) => void;
    }
    const { tally, form, catalogue, onfinished }: Props = $props();
    const standTest = $derived((form.values.glass || tally.batch.standTest) as Schemas['FinishBatch']['standTest']);
    const keeping = $derived(form.values.keeping as 'strict' | 'patient');
    const missing = $derived(tally.planned - tally.ticked);

    const path = $derived({ id: tally.batch.id });

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        await tally.settled();
        const made = await form.send(() =>
            taken(api.POST('/api/batches/{id}/finish', { params: { path }, body: { standTest, keeping, notes: form.values.notes } })),
        );
        if (made !== null) {
            form.clear();
            undo.changed('batches', made, 'The batch', 'The batch is saved as it is ticked.', 'reopen');
            onfinished(made);
        }
    }

    /** It was finished meanwhile: what is said here is put in the place of what was said there. */
    async function putInPlace(): Promise<void> {
        const basedOn = form.fault?.conflict?.version ?? 0;
        const made = await form.send(async () => {
            const there = await taken(api.GET('/api/batches/{id}', { params: { path } }));
            const body = { basedOn, madeAt: there.madeAt ?? new Date().toISOString(), keeping, standTest, notes: form.values.notes };
            return taken(api.PUT('/api/batches/{id}', { params: { path }, body }));
        });
        if (made !== null) {
            form.clear();
            undo.changed('batches', made, 'The batch', 'The batch is corrected.');
            onfinished(made);
        }
    }
</script>

<form class="dish grid gap-4" onsubmit={save}>
    <h2>When it is mixed</h2>
    {#if missing > 0}
        <p>
            {missing === 1 ? 'One spoonful is' : `${missing} spoonfuls are`} not ticked. If they went in, tick them; if not, the batch is kept
            with what the ticks say.
        </p>
        <button type="button" class="btn" onclick={() => void tally.tickRest()}>Tick the rest: all went in</button>
    {/if}
    <Choice
        legend="The glass after one minute"
        name="stand-test"
        options={catalogue.standTests.map((one) => ({ value: one.code, label: one.words }))}
        bind:value={() => standTest as string, (next) => (form.values.glass = next)}
    />
    <Choice
        legend="How long to keep it"
        name="keeping"
        options={[
            { value: 'strict', label: 'The cautious school' },
            { value: 'patient', label: 'The patient school' },
        ]}
        bind:value={form.values.keeping}
    />
    <p class="quiet text-sm">{tally.batch.plan.holding.because}</p>
    <label class="grid gap-1"
        ><span class="font-bold">Anything odd</span><textarea
            class="textarea w-full"
            rows="2"
            maxlength="4000"
            bind:value={form.values.notes}></textarea></label
    >
    <FormFoot {form} send={() => void save()} mine={() => void putInPlace()} />
    <button class="btn btn-primary btn-lg" disabled={form.held}>Save the batch</button>
</form>
