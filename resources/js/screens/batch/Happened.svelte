<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { typedNumber } from '../../lib/figures';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import AmountField from '../../parts/AmountField.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';

    type Line = Omit<Schemas['NewBottleLine'], 'submission'>;

    interface Props {
        batch: Schemas['Batch'];
        catalogue: Schemas['Catalogue'];
        /** The load in hand, from 1. */
        load: number;
        onkept: (batch: Schemas['Batch']) => void;
    }
    const { batch, catalogue, load, onkept }: Props = $props();
    const sending = new Sending();
    /** What is still to be said of; empty while one tap is enough. */
    let kind = $state<'' | 'added' | 'swapped' | 'rest'>('');
    let ingredient = $state('castile-soap');
    let item = $state('');
    let amount = $state('');
    let unit = $state<Schemas['Amount']['unit']>('mL');
    let rests = $state.raw<Schemas['BatchBrief'][]>([]);
    let restOf = $state('');
    const items = $derived(batch.items.filter((one) => one.load === load));
    const mixed = $derived(batch.bottle.mixed >= load);
    const units = $derived(catalogue.volumeUnits.map((one) => ({ code: one.code as Schemas['Amount']['unit'], words: one.words })));
    const last = $derived<Line | null>(said());

    function said(): Line | null {
        const much = typedNumber(amount);
        switch (kind) {
            case 'added':
                return much > 0 ? { kind, ingredient, amount: { amount: much, unit } } : null;
            case 'swapped':
                return { kind, item: item || (items[0]?.key ?? ''), ingredient };
            case 'rest':
                return restOf === '' ? null : { kind: 'over-a-rest', restOf };
            default:
                return null;
        }
    }

    async function keep(line: Line): Promise<void> {
        const saved = await sending.send((submission) =>
            taken(api.POST('/api/batches/{id}/lines', { params: { path: { id: batch.key } }, body: { submission, load, ...line } })),
        );
        if (saved !== null) {
            kind = '';
            amount = '';
            undo.changed('batches', saved, say('batch/happened.batch'), say('batch/happened.written-down'));
            onkept(saved);
        }
    }

    async function chooseRest(): Promise<void> {
        kind = 'rest';
        const { batches } = await taken(api.GET('/api/batches'));
        rests = batches.filter((one) => one.id !== batch.id && one.madeAt !== null && one.discardedAt === null);
        restOf = rests[0]?.key ?? '';
    }
</script>

<section class="my-3 grid gap-3" aria-label={say('batch/happened.what-happened')} data-happened>
    {#if batch.lines.length > 0}
        <ul class="list-disc pl-6" data-lines>
            {#each batch.lines as line (line.id)}<li>{line.words}</li>{/each}
        </ul>
    {/if}
    <div class="grid grid-cols-2 gap-2 sm:flex sm:flex-wrap">
        <button
            type="button"
            class="btn h-auto min-h-11"
            aria-pressed={kind === 'added'}
            onclick={() => (kind = kind === 'added' ? '' : 'added')}>{say('batch/happened.i-added-something')}</button
        >
        <button
            type="button"
            class="btn h-auto min-h-11"
            aria-pressed={kind === 'swapped'}
            onclick={() => (kind = kind === 'swapped' ? '' : 'swapped')}>{say('batch/happened.i-took-something-else')}</button
        >
        <button type="button" class="btn h-auto min-h-11" disabled={sending.held} onclick={() => void keep({ kind: 'spilled', share: 0.5 })}
            >{say('batch/happened.half-was-spilled')}</button
        >
        <button
            type="button"
            class="btn h-auto min-h-11"
            disabled={sending.held}
            onclick={() => void keep({ kind: 'spilled', share: 0.25 })}>{say('batch/happened.quarter-was-spilled')}</button
        >
        {#if mixed}<button
                type="button"
                class="btn h-auto min-h-11"
                disabled={sending.held}
                onclick={() => void keep({ kind: 'thinned', toMark: true })}>{say('batch/happened.filled-up-with-water')}</button
            >{/if}
        <button
            type="button"
            class="btn h-auto min-h-11"
            aria-pressed={kind === 'rest'}
            onclick={() => void (kind === 'rest' ? (kind = '') : chooseRest())}>{say('batch/happened.went-onto-a-rest')}</button
        >
    </div>
    {#if kind !== ''}
        <form
            class="grid max-w-xl gap-3"
            onsubmit={(event) => {
                event.preventDefault();
                if (last !== null) void keep(last);
            }}
        >
            {#if kind === 'rest'}
                {#if rests.length === 0}<p>{say('batch/happened.no-rest-here')}</p>{:else}
                    <label class="grid gap-1"
                        ><span class="font-bold">{say('batch/happened.rest-of-what')}</span><select
                            class="select w-full"
                            bind:value={restOf}
                            >{#each rests as one (one.key)}<option value={one.key}>{one.name}, {one.bottle.words.toLowerCase()}</option
                                >{/each}</select
                        ></label
                    >
                {/if}
            {:else}
                {#if kind === 'swapped'}
                    <label class="grid gap-1"
                        ><span class="font-bold">{say('batch/happened.in-place-of-what')}</span><select
                            class="select w-full"
                            bind:value={item}
                            >{#each items as one, i (one.key)}<option value={i === 0 ? '' : one.key}>{one.name}</option>{/each}</select
                        ></label
                    >
                {/if}
                <label class="grid gap-1"
                    ><span class="font-bold"
                        >{kind === 'added' ? say('batch/happened.what-went-in') : say('batch/happened.what-you-took')}</span
                    ><select class="select w-full" bind:value={ingredient}
                        >{#each catalogue.ingredients as one (one.slug)}<option value={one.slug}>{one.name}</option>{/each}</select
                    ></label
                >
                {#if kind === 'added'}<AmountField label={say('batch/happened.how-much')} bind:amount bind:unit {units} required />{/if}
            {/if}
            <button class="btn btn-primary justify-self-start" disabled={sending.held || last === null}
                >{say('batch/happened.write-it-down')}</button
            >
        </form>
    {/if}
    <FormFoot form={sending} send={() => void (last === null ? null : keep(last))} />
</section>
