<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { atTime } from '../../lib/time';
    import { instantOf, whenField } from '../../lib/when';
    import { arrived, undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import When from '../../parts/When.svelte';
    import Verdicts from '../../parts/Verdicts.svelte';
    import BoughtFields from './BoughtFields.svelte';
    import { boughtBody, boughtNames, boughtValues } from './bought';

    interface Props {
        one: Schemas['Case'];
        /** The round to correct; none for a new one. */
        round?: Schemas['Case']['rounds'][number];
        onsaved: (next: Schemas['Case']) => void;
    }
    const { one, round, onsaved }: Props = $props();
    const form = untrack(
        () =>
            new Form(round === undefined ? `round-of-case-${one.key}` : `round-${round.key}-${round.version}`, {
                isBought: round !== undefined && round.bought !== null,
                batch: round?.batch?.key ?? one.batches[0]?.key ?? '',
                ...boughtValues(round?.bought),
                handWork: round?.handWork ?? false,
                rinsed: round?.rinsed ?? false,
                notes: round?.notes ?? '',
                override: round?.override ?? '',
                when: whenField(round?.sprayedAt),
            }),
    );
    const batch = $derived(form.values.isBought ? undefined : one.batches.find((each) => each.key === form.values.batch));
    /** It may not go on, or is not proven: it goes only with a reason. */
    const closed = $derived(batch !== undefined && batch.gate.closed !== '');
    /** What a round was sprayed with may be thrown away since. */
    const offered = $derived([
        ...one.batches.map((each) => ({
            key: each.key,
            words: [each.name, each.strength.join(', '), each.madeAt === null ? '' : atTime(each.madeAt)].filter(Boolean).join('; '),
        })),
        ...(round?.batch == null || one.batches.some((each) => each.id === round.batch?.id)
            ? []
            : [{ key: round.batch.key, words: say('cases/round-form.as-written-now', { name: round.batch.name }) }]),
    ]);

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { isBought, batch: sprayed, handWork, rinsed, notes, when, override } = form.values;
        const instant = instantOf(when, round?.sprayedAt);
        const body = {
            ...(isBought ? { bought: boughtBody(form.values) } : { batch: sprayed }),
            handWork,
            rinsed,
            notes,
            override: closed || round !== undefined ? override : '',
            ...(instant === undefined ? {} : { sprayedAt: instant }),
        };
        const correct = (key: string, basedOn: number): Promise<Schemas['Case']> =>
            taken(api.PUT('/api/rounds/{id}', { params: { path: { id: key } }, body: { basedOn, ...body } }));
        const saved = await form.send(
            (submission, basedOn) =>
                round === undefined
                    ? taken(api.POST('/api/cases/{id}/rounds', { params: { path: { id: one.key } }, body: { submission, ...body } }))
                    : correct(round.key, basedOn(round.version)),
            (earlier) => correct(earlier.key, earlier.version),
        );
        if (saved === null) {
            return;
        }
        const changed = saved.rounds.find((each) => each.id === (round?.id ?? form.mended?.id));
        if (changed !== undefined) {
            undo.changed(
                'rounds',
                changed,
                say('cases/round-form.round'),
                form.mended === null ? say('cases/round-form.round-corrected') : arrived(say('cases/round-form.round'), form.mended),
            );
        } else if (saved.saved !== null) {
            undo.made('rounds', saved.saved, say('cases/round-form.round'));
        }
        form.clear();
        onsaved(saved);
    }
</script>

<form class="grid gap-3 pb-4" onsubmit={save}>
    <fieldset class="flex flex-wrap gap-x-4">
        <legend class="sr-only">{say('cases/round-form.with-what')}</legend>
        <label class="flex min-h-11 items-center gap-2"
            ><input
                type="radio"
                class="radio radio-primary"
                name="isBought"
                checked={!form.values.isBought}
                onchange={() => (form.values.isBought = false)}
            />
            {say('cases/round-form.mixed-here')}</label
        >
        <label class="flex min-h-11 items-center gap-2"
            ><input
                type="radio"
                class="radio radio-primary"
                name="isBought"
                checked={form.values.isBought}
                onchange={() => (form.values.isBought = true)}
            />
            {say('cases/round-form.bought')}</label
        >
    </fieldset>
    {#if !form.values.isBought && offered.length === 0}
        <p>{say('cases/round-form.there-no-mixed-batch-to')}</p>
        <a class="btn" href={`/bench?case=${one.id}`}>{say('cases/round-form.mix-one')}</a>
    {:else}
        {#if form.values.isBought}
            <BoughtFields bind:values={form.values} known={boughtNames(one.rounds)} />
        {:else}
            <label class="grid gap-1">
                <span class="font-bold">{say('cases/round-form.which-batch')}</span>
                <select name="batch" class="select w-full" bind:value={form.values.batch}>
                    {#each offered as each (each.key)}<option value={each.key}>{each.words}</option>{/each}
                </select>
            </label>
        {/if}
        {#if batch !== undefined && round === undefined}<Verdicts verdicts={batch.verdicts} />{/if}
        <label class="flex min-h-11 items-center gap-3"
            ><input name="handWork" type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.handWork} />
            {say('cases/round-form.also-pruned-wiped-or-washed')}</label
        >
        {#if !form.values.isBought}<label class="flex min-h-11 items-center gap-3"
                ><input name="rinsed" type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.rinsed} />
                {say('cases/round-form.rinsed-off')}</label
            >{/if}
        <When label={say('cases/round-form.when')} bind:value={form.values.when} />
        <label class="grid gap-1"
            ><span>{say('cases/round-form.notes')}</span><textarea
                name="notes"
                class="textarea w-full"
                rows="2"
                maxlength="1000"
                bind:value={form.values.notes}></textarea></label
        >
        {#if round === undefined && closed}<label class="grid gap-1" data-gate
                ><span class="font-bold">{say('cases/round-form.not-proven-on-its-leaves')}</span><input
                    name="override"
                    class="input w-full"
                    maxlength="500"
                    required
                    bind:value={form.values.override}
                /><span class="quiet text-sm">{say('cases/round-form.stays-with-round-and-counts')}</span></label
            >{/if}
        {#if round === undefined && !form.values.isBought}<p class="quiet text-sm">
                {say('cases/round-form.undersides-first-from-bottom-up')}
            </p>{/if}
        <FormFoot {form} send={() => void save()} />
        {#if round === undefined}
            <button
                class={['btn', !closed && 'btn-primary']}
                disabled={form.held || (batch === undefined && !form.values.isBought) || (closed && form.values.override.trim() === '')}
                >{closed
                    ? say('cases/round-form.was-sprayed-all-same')
                    : form.values.isBought
                      ? say('cases/round-form.keep-bought')
                      : say('cases/round-form.sprayed')}</button
            >
        {:else}
            <button class="btn btn-primary" disabled={form.held}>{say('cases/round-form.correct-round')}</button>
        {/if}
    {/if}
</form>
