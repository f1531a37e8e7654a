<script lang="ts">
    import Choice from '../../parts/Choice.svelte';
    import type { BenchState } from './bench.svelte';

    const { state }: { state: BenchState } = $props();
    const ranged = $derived(JSON.stringify(state.recipe?.document.lines ?? []).includes('"upTo"'));
    const orders = $derived(
        state.shelf.catalogue.orders.map((one) => ({
            value: one.code,
            label: one.name + (one.code === state.recipe?.document.order ? ' (as the recipe has it)' : ''),
            note: one.price,
        })),
    );
    const chosen = $derived(state.shelf.catalogue.orders.find((one) => one.code === state.orderNow));
    const strength = $derived([state.half ? 'half strength' : 'full strength', ...(state.highEnd ? ['high end'] : [])]);
    const water = $derived(state.hardnessText.trim() === '' ? 'hardness unknown' : `${state.hardnessText.trim()} mg/L`);
    const summary = $derived([...strength, chosen?.name.toLowerCase(), water].join(', '));
</script>

<details class="dish">
    <summary class="min-h-11 cursor-pointer py-2"><span class="font-bold">Strength, order, water:</span> {summary}</summary>
    <div class="mt-2 grid gap-3">
        {#if ranged}
            <label class="flex min-h-11 items-center gap-3"
                ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={state.highEnd} /> Take the high end of the recipe’s range</label
            >
        {/if}
        <label class="flex min-h-11 items-center gap-3"
            ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={state.half} /> Half strength</label
        >
        <Choice
            legend="How it is mixed"
            name="order"
            options={orders}
            bind:value={() => state.orderNow as string, (code) => (state.order = code as typeof state.orderNow)}
        />
        <label class="grid gap-1">
            <span><span class="font-bold">Water hardness</span> in mg/L, if you know it</span>
            <input class="input w-full" inputmode="decimal" bind:value={state.hardnessText} placeholder="unknown" />
        </label>
    </div>
</details>
