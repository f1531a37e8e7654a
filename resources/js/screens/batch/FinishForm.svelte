<script module lang="ts">
    export interface Finishing extends Record<string, string> {
        keeping: string;
        rest: string;
        notes: string;
    }
</script>

<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import type { Form } from '../../lib/form.svelte';
    import { undo } from '../../lib/undo.svelte';
    import Choice from '../../parts/Choice.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import StandTests from './StandTests.svelte';
    import type { Tally } from './tally.svelte';

    interface Props {
        tally: Tally;
        form: Form<Finishing>;
        catalogue: Schemas['Catalogue'];
        onfinished: (batch: Schemas['Batch']) => void;
        back: () => void;
    }
    const { tally, form, catalogue, onfinished, back }: Props = $props();
    const standTest = $derived(tally.batch.standTest as Schemas['FinishBatch']['standTest']);
    const keeping = $derived(form.values.keeping as 'strict' | 'patient');
    const rest = $derived(form.values.rest as NonNullable<Schemas['FinishBatch']['rest']>);
    const missing = $derived(tally.planned - tally.ticked);
    const oily = $derived(tally.batch.plan.emulsion.verdict !== 'none-needed');
    const path = $derived({ id: tally.batch.id });
    const [strict, patient] = $derived([tally.batch.plan.holding.strict_hours, tally.batch.plan.holding.patient_hours]);
    const kept = (hours: number): string => (hours < 72 ? `${Math.round(hours)} hours` : `${Math.round(hours / 24)} days`);

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        await tally.settled();
        const made = await form.send(() =>
            taken(api.POST('/api/batches/{id}/finish', { params: { path }, body: { standTest, keeping, rest, notes: form.values.notes } })),
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

<form class="mt-3 grid gap-4" onsubmit={save} data-part="step">
    <h2 class="text-[1.6rem]">It is mixed: save it</h2>
    {#if missing > 0}
        <p>{missing === 1 ? 'One spoonful is' : `${missing} spoonfuls are`} not ticked. What is ticked is what is written down.</p>
        <button type="button" class="btn justify-self-start" onclick={() => void tally.tickRest()}>Tick the rest: all went in</button>
    {/if}
    {#if oily && tally.batch.standTests.length === 0}<StandTests
            batch={tally.batch}
            {catalogue}
            ontested={(next) =>
                (tally.batch = { ...tally.batch, version: next.version, standTest: next.standTest, standTests: next.standTests })}
        />{/if}
    <Choice
        legend="All used up?"
        name="rest"
        options={[
            { value: 'kept', label: 'Not yet: it is kept' },
            { value: 'used-up', label: 'All used up' },
            { value: 'poured-away', label: 'Poured away' },
        ]}
        bind:value={form.values.rest}
    />
    {#if rest === 'kept' && strict !== patient}<Choice
            legend="Keep it at most"
            name="keeping"
            options={[
                { value: 'strict', label: kept(strict), note: 'careful' },
                { value: 'patient', label: kept(patient), note: 'as some keep it' },
            ]}
            bind:value={form.values.keeping}
        />{/if}
    <label class="grid gap-1"
        ><span class="font-bold">Anything odd</span><textarea
            class="textarea w-full"
            rows="2"
            maxlength="4000"
            bind:value={form.values.notes}></textarea></label
    >
    <FormFoot {form} send={() => void save()} mine={() => void putInPlace()} />
    <div class="flex gap-3">
        <button type="button" class="aside-act" onclick={back}>Back</button>
        <button class="act min-h-16 flex-1" data-part="tick" disabled={form.held}>Save the batch</button>
    </div>
</form>
