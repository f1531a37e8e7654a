<script lang="ts" generics="Unit extends string">
    import type { Schemas } from '../lib/client';
    import { short, typedNumber } from '../lib/figures';
    import { Said } from '../lib/said.svelte';

    interface Props {
        label: string;
        amount: string;
        unit: Unit;
        /** What can be chosen beside the number. */
        units: readonly { code: Unit; words: string }[];
        required?: boolean;
        placeholder?: string;
        /** mL of what “half of it” is of. */
        wholeMl?: number;
        weight?: boolean;
    }
    let { label, amount = $bindable(), unit = $bindable(), units, required = false, placeholder = '', wholeMl, weight }: Props = $props();
    const said = new Said();
    const id = $props.id();

    /** “half a gallon” becomes a number of the unit that was said. */
    async function read(typed: string): Promise<void> {
        amount = typed;
        const found = await said.read(typed, unit as Schemas['Amount']['unit'], {
            ...(wholeMl !== undefined && { wholeMl }),
            ...(weight !== undefined && { weight }),
        });
        if (found !== null) {
            const known = units.some((one) => one.code === found.unit);
            amount = known ? String(found.amount) : typed;
            unit = known ? (found.unit as unknown as Unit) : unit;
            said.text = known
                ? ''
                : say('parts/amount-field.choose-unit-beside-cannot-be', { amount: short(found.amount), unit: found.unit });
        }
    }
    const wrong = $derived(said.text !== '' || (amount.trim() !== '' && Number.isNaN(typedNumber(amount)) && said.text !== ''));
</script>

<div class="grid gap-1" data-amount>
    <div class="grid grid-cols-2 gap-2">
        <label class="grid gap-1"
            ><span class="font-bold">{label}</span><input
                name="amount"
                class="input numeral w-full"
                autocomplete="off"
                {required}
                {placeholder}
                aria-invalid={wrong}
                aria-describedby={said.text === '' ? undefined : `${id}-said`}
                bind:value={amount}
                onchange={(event) => void read(event.currentTarget.value)}
            /></label
        >
        <label class="grid gap-1"
            ><span class="font-bold">{say('parts/amount-field.unit')}</span><select name="unit" class="select w-full" bind:value={unit}
                >{#each units as one (one.code)}<option value={one.code}>{one.words}</option>{/each}</select
            ></label
        >
    </div>
    <p id={`${id}-said`} role="status" class={said.text === '' ? 'sr-only' : 'border-warning border-l-8 pl-3'}>{said.text}</p>
    {#if said.answers.length > 0}
        <div class="flex flex-wrap gap-2">
            {#each said.answers as one, i (i)}<button type="button" class="btn" onclick={() => void read(one.line)}>{one.words}</button
                >{/each}
        </div>
    {/if}
</div>
