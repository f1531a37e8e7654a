<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import Choice from '../../parts/Choice.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import type { Tally } from './tally.svelte';

    const {
        tally,
        catalogue,
        onfinished,
    }: { tally: Tally; catalogue: Schemas['Catalogue']; onfinished: (batch: Schemas['Batch']) => void } = $props();
    const sending = new Sending();
    /** What the last glass showed, unless something else is said here. */
    let chosen = $state<string | null>(null);
    const standTest = $derived(chosen ?? tally.batch.standTest);
    let keeping = $state<'strict' | 'patient'>('strict');
    let notes = $state('');
    const missing = $derived(tally.planned - tally.ticked);

    async function save(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        await tally.settled();
        const made = await sending.send(() =>
            taken(
                api.POST('/api/batches/{id}/finish', {
                    params: { path: { id: tally.batch.id } },
                    body: { standTest: standTest as Schemas['FinishBatch']['standTest'], keeping, notes },
                }),
            ),
        );
        if (made !== null) {
            undo.changed('batches', made.id, 'The batch', 'The batch is saved as it is ticked.', 'reopen');
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
        bind:value={() => standTest, (next) => (chosen = next)}
    />
    <Choice
        legend="How long to keep it"
        name="keeping"
        options={[
            { value: 'strict', label: 'The cautious school' },
            { value: 'patient', label: 'The patient school' },
        ]}
        bind:value={keeping}
    />
    <p class="quiet text-sm">{tally.batch.plan.holding.because}</p>
    <label class="grid gap-1"
        ><span class="font-bold">Anything odd</span><textarea class="textarea w-full" rows="2" maxlength="4000" bind:value={notes}
        ></textarea></label
    >
    <FaultNote fault={sending.fault} />
    <button class="btn btn-primary btn-lg" disabled={sending.busy}>Save the batch</button>
</form>
