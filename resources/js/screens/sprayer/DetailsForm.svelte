<script lang="ts">
    import { untrack } from 'svelte';
    import type { Schemas } from '../../lib/client';
    import { millilitres } from '../../lib/figures';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import AmountField from '../../parts/AmountField.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import History from '../../parts/History.svelte';
    import TakeBack from '../../parts/TakeBack.svelte';
    import { Details } from './pours.svelte';

    interface Props {
        sprayer: Schemas['Sprayer'];
        units: Schemas['Catalogue']['volumeUnits'];
        shapes: Schemas['Catalogue']['shapes'];
        onkept: () => void;
    }
    const { sprayer, units, shapes, onkept }: Props = $props();
    const sending = new Sending();
    const details = untrack(() => new Details(sprayer));
    $effect(() => details.draft.keep());

    async function keep(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const kept = await sending.send((_, basedOn) => details.keep(basedOn));
        if (kept !== null) {
            details.draft.settle();
            undo.changed('sprayers', kept, kept.name, say('sprayer/details-form.corrected', { name: kept.name }));
            onkept();
        }
    }
</script>

<form class="dish no-print grid gap-4" onsubmit={keep}>
    <p>{say('sprayer/details-form.holds', { words: sprayer.words })}</p>
    <div class="grid gap-3 sm:grid-cols-2">
        <label class="grid gap-1"
            ><span class="font-bold">{say('sprayer/details-form.name')}</span><input
                name="name"
                autocomplete="off"
                class="input w-full"
                maxlength="200"
                required
                bind:value={details.name}
            /></label
        >
        <AmountField label={say('sprayer/details-form.holds-2')} required {units} bind:amount={details.holds} bind:unit={details.unit} />
    </div>
    <label class="grid gap-1"
        ><span class="font-bold">{say('sprayer/details-form.it-is-a')}</span><select
            name="shape"
            class="select w-full"
            bind:value={details.shape}
            >{#each shapes as one (one.code)}<option value={one.code}>{one.words}</option>{/each}</select
        ></label
    >
    <div class="grid gap-3 sm:grid-cols-2">
        <label class="grid gap-1"
            ><span class="font-bold">{say('sprayer/details-form.largest-sensible-fill-ml')}</span><input
                name="fill"
                class="input numeral w-full"
                inputmode="decimal"
                placeholder={say('sprayer/details-form.all-of-it', { mL: millilitres(sprayer.mL) })}
                bind:value={details.fill}
            /><span class="quiet text-sm">{say('sprayer/details-form.room-for-pump-for-air')}</span></label
        >
        <label class="grid gap-1"
            ><span class="font-bold">{say('sprayer/details-form.stays-in-hose-and-bottom')}</span><input
                name="left"
                class="input numeral w-full"
                inputmode="decimal"
                placeholder="none"
                bind:value={details.left}
            /><span class="quiet text-sm">{say('sprayer/details-form.spray-plain-water-till-spits')}</span></label
        >
    </div>
    <fieldset class="grid gap-2">
        <legend class="font-bold">{say('sprayer/details-form.pour-known-volumes-measure-how')}</legend>
        <p class="quiet">{say('sprayer/details-form.stand-level-pour-in-one')}</p>
        {#each details.pours as pour, i (i)}
            <div class="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
                <label class="grid gap-1"
                    ><span>{say('sprayer/details-form.ml-in-all-pour', { i: i + 1 })}</span><input
                        name="mL"
                        class="input numeral w-full"
                        inputmode="decimal"
                        bind:value={pour.mL}
                    /></label
                >
                <label class="grid gap-1"
                    ><span>{say('sprayer/details-form.mm-above-bottom')}</span><input
                        name="mm"
                        class="input numeral w-full"
                        inputmode="decimal"
                        bind:value={pour.mm}
                    /></label
                >
                <button
                    type="button"
                    class="btn btn-ghost"
                    aria-label={say('sprayer/details-form.take-out-pour', { i: i + 1 })}
                    onclick={() => details.pours.splice(i, 1)}>{say('sprayer/details-form.take-out')}</button
                >
            </div>
        {/each}
        <button type="button" class="btn" onclick={() => details.addPour()}>{say('sprayer/details-form.add-pour')}</button>
    </fieldset>
    <FormFoot form={sending} typed={details.draft} send={() => void keep()} />
    <button class="btn btn-primary" disabled={sending.held}>{say('sprayer/details-form.keep')}</button>
    <History kind="sprayers" id={sprayer.id} />
    <div>
        <TakeBack kind="sprayers" of={sprayer} what={sprayer.name} label={say('sprayer/details-form.take-sprayer-back')} leave="/shed" />
    </div>
</form>
