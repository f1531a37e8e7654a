<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import type { Household } from '../../lib/household.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import KitchenChoice from '../../parts/KitchenChoice.svelte';
    import Verdicts from '../../parts/Verdicts.svelte';
    import { navigate } from '../../routes';
    import type { Composing } from './composing.svelte';
    import HeardLine from './HeardLine.svelte';
    import Versions from './Versions.svelte';

    interface Props {
        composing: Composing;
        household: Household;
        orders: Schemas['Catalogue']['orders'];
    }
    const { composing, household, orders }: Props = $props();
    const sending = new Sending();
    const composed = $derived(composing.composed);
    const example = ['1 gallon of water', '2 to 4 tbsp neem', 'a squirt of castile'].join('\n');
    const uses = [
        { value: 'foliar', label: 'a leaf spray' },
        { value: 'spot', label: 'for a swab, one insect at a time' },
        { value: 'drench', label: 'a drench for the soil' },
        { value: 'dormant', label: 'for bare winter wood' },
        { value: 'stock', label: 'a stock, to be let down later' },
    ] as const;

    $effect(() => composing.hear(composing.body));

    const settling = new Sending();

    /** Whose spoons are meant decides what the lines come to: they are heard again. */
    async function settle(): Promise<void> {
        await settling.send((_, basedOn) => household.save(basedOn));
        composing.hear(composing.body);
    }

    async function keep(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const kept = await sending.send((_, basedOn) => composing.keep(basedOn));
        if (kept !== null) {
            void navigate(kept.use === 'stock' ? '/shed' : '/bench', { search: kept.use === 'stock' ? '' : `recipe=${kept.slug}` });
        }
    }
</script>

<form class="grid items-start gap-4 lg:grid-cols-2" onsubmit={keep}>
    <section class="dish grid gap-3" aria-label="What you write">
        <label class="grid gap-1"
            ><span class="font-bold">Name</span><input
                class="input w-full"
                maxlength="200"
                placeholder={composed?.document?.name ?? 'by what is in it'}
                bind:value={composing.name}
            /></label
        >
        <label class="grid gap-1">
            <span
                ><span class="font-bold">What goes in</span>
                <span class="quiet">(as you would say it, the water too; a whole page may be pasted)</span></span
            >
            <textarea
                class="textarea w-full text-lg leading-relaxed"
                rows={Math.max(6, composing.lines.length + 1)}
                placeholder={example}
                spellcheck="false"
                bind:value={composing.text}></textarea>
        </label>
        <KitchenChoice bind:value={household.kitchen} onchosen={() => void settle()} />
        <FormFoot form={settling} send={() => void settle()} />
        <div class="grid gap-3">
            <label class="grid gap-1"
                ><span class="font-bold">It is</span><select class="select w-full" bind:value={composing.use}
                    >{#each uses as use (use.value)}<option value={use.value}>{use.label}</option>{/each}</select
                ></label
            >
            <label class="grid gap-1"
                ><span class="font-bold">Mixed</span><select class="select w-full" bind:value={composing.order}
                    >{#each orders as order (order.code)}<option value={order.code}>{order.name.toLowerCase()}</option>{/each}</select
                ></label
            >
        </div>
        <label class="grid gap-1"
            ><span class="font-bold">Notes</span><textarea class="textarea w-full" rows="2" maxlength="4000" bind:value={composing.notes}
            ></textarea></label
        >
    </section>
    <section class="grid gap-4" aria-label="What was understood">
        <FaultNote fault={composing.fault} />
        {#if composed !== null}
            <div class="dish" aria-live="polite">
                <h2 class="mb-2">Understood so far</h2>
                {#if composing.text.trim() === ''}
                    <p class="mb-3">
                        Write a line and it is said back here, with how strong the whole comes out. Spoons, cups, percent, parts and “a
                        squirt” will do; “2 tbsp neem, squirt of castile per gallon” is a whole recipe.
                    </p>
                    <button type="button" class="btn" onclick={() => (composing.text = example)}>Begin with an example</button>
                {/if}
                <ol class="grid gap-3">
                    {#each composed.lines as line, i (i)}
                        {#if line.kind !== 'empty'}<HeardLine
                                {line}
                                typed={composing.lines[i] ?? ''}
                                onanswer={(to) => composing.answer(i, to)}
                            />{/if}
                    {/each}
                </ol>
                {#if composed.problem !== null}<p class="border-warning mt-3 border-l-8 pl-3" data-problem>{composed.problem}</p>{/if}
                {#if composed.strength.length > 0}
                    <p class="mt-3 text-lg font-bold" data-strength>{composed.strength.join(', ')}</p>
                {/if}
            </div>
            {#if composed.verdicts.length > 0}
                <div class="dish">
                    <h2 class="mb-2">On an ordinary plant</h2>
                    <Verdicts verdicts={composed.verdicts} />
                </div>
            {/if}
        {/if}
        <FormFoot form={sending} send={() => void keep()} />
        <button class="btn btn-primary btn-lg" disabled={sending.held || composed?.document == null}>Keep this recipe</button>
        {#if composed?.document == null}<p class="quiet">It can be kept once every line is understood.</p>{/if}
        {#if composing.slug !== null}<Versions slug={composing.slug} ontake={(recipe) => composing.take(recipe)} />{/if}
    </section>
</form>
