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
            undo.changed('sprayers', kept, kept.name, `${kept.name} is corrected.`);
            onkept();
        }
    }
</script>

<form class="dish no-print grid gap-4" onsubmit={keep}>
    <p>It holds {sprayer.words}.</p>
    <div class="grid gap-3 sm:grid-cols-2">
        <label class="grid gap-1"
            ><span class="font-bold">Name</span><input class="input w-full" maxlength="200" required bind:value={details.name} /></label
        >
        <AmountField label="Holds" required {units} bind:amount={details.holds} bind:unit={details.unit} />
    </div>
    <label class="grid gap-1"
        ><span class="font-bold">It is a</span><select class="select w-full" bind:value={details.shape}
            >{#each shapes as one (one.code)}<option value={one.code}>{one.words}</option>{/each}</select
        ></label
    >
    <div class="grid gap-3 sm:grid-cols-2">
        <label class="grid gap-1"
            ><span class="font-bold">Largest sensible fill, mL</span><input
                class="input numeral w-full"
                inputmode="decimal"
                placeholder={`all of it: ${millilitres(sprayer.mL)}`}
                bind:value={details.fill}
            /><span class="quiet text-sm">Room for the pump, for air and for shaking: a tenth is usual.</span></label
        >
        <label class="grid gap-1"
            ><span class="font-bold">Stays in hose and bottom, mL</span><input
                class="input numeral w-full"
                inputmode="decimal"
                placeholder="none"
                bind:value={details.left}
            /><span class="quiet text-sm">Spray plain water till it spits, then pour out and measure the rest.</span></label
        >
    </div>
    <fieldset class="grid gap-2">
        <legend class="font-bold">Pour known volumes, measure how high they stand</legend>
        <p class="quiet">Stand it level. Pour in one measured volume after the other; each time measure from the bottom to the water.</p>
        {#each details.pours as pour, i (i)}
            <div class="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
                <label class="grid gap-1"
                    ><span>mL in all, pour {i + 1}</span><input
                        class="input numeral w-full"
                        inputmode="decimal"
                        bind:value={pour.mL}
                    /></label
                >
                <label class="grid gap-1"
                    ><span>mm above the bottom</span><input class="input numeral w-full" inputmode="decimal" bind:value={pour.mm} /></label
                >
                <button type="button" class="btn btn-ghost" aria-label={`Take out pour ${i + 1}`} onclick={() => details.pours.splice(i, 1)}
                    >Take out</button
                >
            </div>
        {/each}
        <button type="button" class="btn" onclick={() => details.addPour()}>Add a pour</button>
    </fieldset>
    <FormFoot form={sending} typed={details.draft} send={() => void keep()} />
    <button class="btn btn-primary" disabled={sending.held}>Keep</button>
    <History kind="sprayers" id={sprayer.id} />
    <div><TakeBack kind="sprayers" of={sprayer} what={sprayer.name} label="Take the sprayer back" leave="/shed" /></div>
</form>
