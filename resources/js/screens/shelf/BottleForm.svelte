<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { typedNumber } from '../../lib/figures';
    import { Form } from '../../lib/form.svelte';
    import { undo } from '../../lib/undo.svelte';
    import AmountField from '../../parts/AmountField.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import { bodyOf } from './said';

    interface Props {
        bottle: Schemas['ShelfBottle'];
        units: Schemas['Catalogue']['volumeUnits'];
        powder: boolean;
        alcohol: boolean;
        onkept: () => void;
    }
    const { bottle, units, powder, alcohol, onkept }: Props = $props();
    const was = untrack(() => bottle);
    const weights = [
        { code: 'g', words: 'g' },
        { code: '[oz_av]', words: 'oz' },
    ];
    const offered = $derived(powder ? weights : units);
    const form = new Form(`bottle-${was.key}-${was.version}`, {
        words: was.words,
        strength: was.strength === null ? '' : String(was.strength),
        amount: was.holds === null ? '' : String(was.holds.amount),
        unit: (was.holds?.unit ?? (untrack(() => powder) ? 'g' : 'mL')) as string,
        openedOn: was.openedOn ?? '',
        price: was.price === null ? '' : String(was.price),
    });

    async function keep(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { words, strength, amount, unit, openedOn, price } = form.values;
        const numbers = [strength, amount, price].map((one) => (one.trim() === '' ? null : typedNumber(one)));
        if (numbers.some((one) => one !== null && Number.isNaN(one))) {
            form.fault = new Fault('/amount', say('shelf/bottle-form.write-number'));
            return;
        }
        const [percent, holds, cost] = numbers;
        const body = {
            words,
            ingredient: bodyOf(bottle).ingredient,
            ...(percent != null && { strength: percent }),
            ...(holds != null && { amount: holds, unit: unit as NonNullable<Schemas['CorrectedShelfBottle']['unit']> }),
            ...(openedOn !== '' && { openedOn }),
            ...(cost != null && { price: cost }),
        };
        const kept = await form.send((_, basedOn) =>
            taken(
                api.PUT('/api/shelf/{id}', { params: { path: { id: bottle.key } }, body: { basedOn: basedOn(bottle.version), ...body } }),
            ),
        );
        if (kept !== null) {
            undo.changed('shelf', kept, kept.words, say('shelf/bottle-form.kept', { words: kept.words }));
            form.clear();
            onkept();
        }
    }
</script>

<form class="grid max-w-xl gap-3" onsubmit={(event) => void keep(event)}>
    <label class="grid gap-1"
        ><span class="font-bold">{say('shelf/bottle-form.called')}</span><input
            name="words"
            class="input w-full"
            maxlength="200"
            required
            bind:value={form.values.words}
        /></label
    >
    <AmountField
        label={say('shelf/bottle-form.holds')}
        units={offered}
        weight={powder}
        bind:amount={form.values.amount}
        bind:unit={form.values.unit}
    />
    {#if alcohol}<label class="grid gap-1"
            ><span class="font-bold">{say('shelf/bottle-form.strength')}</span><input
                name="strength"
                class="input numeral w-full"
                inputmode="decimal"
                bind:value={form.values.strength}
            /></label
        >{/if}
    <label class="grid gap-1"
        ><span class="font-bold">{say('shelf/bottle-form.opened-on')}</span><input
            name="openedOn"
            class="input w-full"
            type="date"
            bind:value={form.values.openedOn}
        /></label
    >
    <label class="grid gap-1"
        ><span class="font-bold">{say('shelf/bottle-form.price')}</span><input
            name="price"
            class="input numeral w-full"
            inputmode="decimal"
            bind:value={form.values.price}
        /></label
    >
    <FormFoot {form} send={() => void keep()} />
    <button class="btn btn-primary" disabled={form.held}>{say('shelf/bottle-form.keep')}</button>
</form>
