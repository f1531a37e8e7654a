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
    import MethodForm from './MethodForm.svelte';
    import Versions from './Versions.svelte';

    interface Props {
        composing: Composing;
        household: Household;
        orders: Schemas['Catalogue']['orders'];
        pests: Schemas['Pest'][];
    }
    const { composing, household, orders, pests }: Props = $props();
    const sending = new Sending();
    const composed = $derived(composing.composed);
    const example = [
        say('recipes/write-form.1-gallon-of-water'),
        say('recipes/write-form.2-to-4-tbsp-neem'),
        say('recipes/write-form.squirt-of-castile'),
    ].join('\n');
    const uses = [
        { value: 'foliar', label: say('recipes/write-form.leaf-spray') },
        { value: 'spot', label: say('recipes/write-form.for-swab-one-insect-at') },
        { value: 'drench', label: say('recipes/write-form.drench-for-soil') },
        { value: 'dormant', label: say('recipes/write-form.for-bare-winter-wood') },
        { value: 'stock', label: say('recipes/write-form.stock-to-be-let-down') },
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
    <section class="dish grid gap-3" aria-label={say('recipes/write-form.what-you-write')}>
        <label class="grid gap-1"
            ><span class="font-bold">{say('recipes/write-form.name')}</span><input
                name="name"
                autocomplete="off"
                class="input w-full"
                maxlength="200"
                placeholder={composed?.document?.name ?? say('recipes/write-form.by-what-in')}
                bind:value={composing.name}
            /></label
        >
        <label class="grid gap-1">
            <span
                ><span class="font-bold">{say('recipes/write-form.what-goes-in')}</span>
                <span class="quiet">{say('recipes/write-form.as-you-would-say-water')}</span></span
            >
            <textarea
                name="text"
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
                ><span class="font-bold">{say('recipes/write-form.it-is')}</span><select
                    name="use"
                    class="select w-full"
                    bind:value={composing.use}
                    >{#each uses as use (use.value)}<option value={use.value}>{use.label}</option>{/each}</select
                ></label
            >
            <label class="grid gap-1"
                ><span class="font-bold">{say('recipes/write-form.mixed')}</span><select
                    name="order"
                    class="select w-full"
                    bind:value={composing.order}
                    >{#each orders as order (order.code)}<option value={order.code}>{order.name.toLowerCase()}</option>{/each}</select
                ></label
            >
        </div>
        <label class="grid gap-1"
            ><span class="font-bold">{say('recipes/write-form.notes')}</span><textarea
                name="notes"
                class="textarea w-full"
                rows="2"
                maxlength="4000"
                bind:value={composing.notes}></textarea></label
        >
    </section>
    <section class="grid gap-4" aria-label={say('recipes/write-form.what-was-understood')}>
        <FaultNote fault={composing.fault} />
        {#if composed !== null}
            <div class="dish" aria-live="polite">
                <h2 class="mb-2">{say('recipes/write-form.understood-so-far')}</h2>
                {#if composing.text.trim() === ''}
                    <p class="mb-3">
                        {say('recipes/write-form.write-line-and-said-back')}
                    </p>
                    <button type="button" class="btn" onclick={() => (composing.text = example)}
                        >{say('recipes/write-form.begin-with-example')}</button
                    >
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
            {#if composed.method !== null}<MethodForm
                    method={composing.method}
                    proposed={composed.method}
                    used={composed.used}
                    pests={pests.filter((one) => composed.worksOn.includes(one.slug))}
                />{/if}
            {#if composed.verdicts.length > 0}
                <div class="dish">
                    <h2 class="mb-2">{say('recipes/write-form.on-ordinary-plant')}</h2>
                    <Verdicts verdicts={composed.verdicts} />
                </div>
            {/if}
        {/if}
        <FormFoot form={sending} send={() => void keep()} />
        <button class="btn btn-primary btn-lg" disabled={sending.held || composed?.document == null}
            >{say('recipes/write-form.keep-this-recipe')}</button
        >
        {#if composed?.document == null}<p class="quiet">{say('recipes/write-form.can-be-kept-once-every')}</p>{/if}
        {#if composing.slug !== null}<Versions slug={composing.slug} ontake={(recipe) => composing.take(recipe)} />{/if}
    </section>
</form>
