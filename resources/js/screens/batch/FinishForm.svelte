<script module lang="ts">
    export interface Finishing extends Record<string, string> {
        keeping: string;
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
        /** The next load is mixed before this one is sprayed. */
        another: (load: number) => void;
    }
    const { tally, form, catalogue, onfinished, back, another }: Props = $props();
    const standTest = $derived(tally.batch.standTest as Schemas['FinishBatch']['standTest']);
    const keeping = $derived(form.values.keeping as 'strict' | 'patient');
    const missing = $derived(tally.planned - tally.ticked);
    const oily = $derived(tally.batch.plan.emulsion.verdict !== 'none-needed');
    const path = $derived({ id: tally.batch.key });
    const [strict, patient] = $derived([tally.batch.plan.holding.strict_hours, tally.batch.plan.holding.patient_hours]);
    const kept = (hours: number): string =>
        hours < 72
            ? say('batch/finish-form.hours', { hours: Math.round(hours) })
            : say('batch/finish-form.days', { hours: Math.round(hours / 24) });

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        await tally.settled();
        const made = await form.send(() =>
            taken(
                api.POST('/api/batches/{id}/finish', {
                    params: { path },
                    body: { standTest, keeping, load: tally.load, notes: form.values.notes },
                }),
            ),
        );
        if (made !== null) {
            form.clear();
            undo.changed('batches', made, say('batch/finish-form.batch'), say('batch/finish-form.batch-saved-as-ticked'), 'reopen');
            onfinished(made);
        }
    }

    /** It was finished meanwhile: what is said here is put in the place of what was said there. */
    async function putInPlace(): Promise<void> {
        const basedOn = form.fault?.conflict?.version ?? 0;
        const made = await form.send(async () => {
            const there = await taken(api.GET('/api/batches/{id}', { params: { path: { id: tally.batch.id } } }));
            const body = { basedOn, madeAt: there.madeAt ?? new Date().toISOString(), keeping, standTest, notes: form.values.notes };
            return taken(api.PUT('/api/batches/{id}', { params: { path }, body }));
        });
        if (made !== null) {
            form.clear();
            undo.changed('batches', made, say('batch/finish-form.batch'), say('batch/finish-form.batch-corrected'));
            onfinished(made);
        }
    }
</script>

<form class="mt-3 grid gap-4" onsubmit={save} data-part="step">
    <h2 class="text-[1.6rem]">
        {tally.loads > 1
            ? say('batch/finish-form.load-mixed', { load: tally.load, loads: tally.loads })
            : say('batch/finish-form.mixed-save')}
    </h2>
    {#if tally.load < tally.loads}<p data-loads>
            {say('batch/finish-form.spray-first', { load: tally.load + 1 })}
            <button type="button" class="link min-h-11 font-bold" onclick={() => another(tally.load + 1)}
                >{say('batch/finish-form.both-in-bucket', { load: tally.load + 1 })}</button
            >
        </p>{/if}
    {#if missing > 0}
        <p>
            {say('batch/finish-form.not-ticked-what-ticked-what', {
                missing: missing === 1 ? say('batch/finish-form.one-spoonful') : say('batch/finish-form.spoonfuls-are', { missing }),
            })}
        </p>
        <button type="button" class="btn justify-self-start" onclick={() => void tally.tickRest()}
            >{say('batch/finish-form.tick-rest-all-went-in')}</button
        >
    {/if}
    {#if oily && tally.batch.standTests.length === 0}<StandTests
            batch={tally.batch}
            {catalogue}
            ontested={(next) =>
                (tally.batch = {
                    ...tally.batch,
                    version: next.version,
                    standTest: next.standTest,
                    standTests: next.standTests,
                    lines: next.lines,
                })}
        />{/if}
    {#if strict !== patient}<Choice
            legend={say('batch/finish-form.keep-at-most')}
            name="keeping"
            options={[
                { value: 'strict', label: kept(strict), note: 'careful' },
                { value: 'patient', label: kept(patient), note: say('batch/finish-form.as-some-keep') },
            ]}
            bind:value={form.values.keeping}
        />{/if}
    <label class="grid gap-1"
        ><span class="font-bold">{say('batch/finish-form.anything-odd')}</span><textarea
            name="notes"
            class="textarea w-full"
            rows="2"
            maxlength="4000"
            bind:value={form.values.notes}></textarea></label
    >
    <FormFoot {form} send={() => void save()} mine={() => void putInPlace()} />
    <div class="flex gap-3">
        <button type="button" class="aside-act" onclick={back}>{say('batch/finish-form.back')}</button>
        <button class="act min-h-16 flex-1" data-part="tick" disabled={form.held}>{say('batch/finish-form.save-batch')}</button>
    </div>
</form>
