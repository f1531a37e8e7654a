<script lang="ts">
    import { short } from '../../lib/figures';
    import Choice from '../../parts/Choice.svelte';
    import type { BenchState } from './bench.svelte';

    const { state }: { state: BenchState } = $props();
    const ranged = $derived(JSON.stringify(state.recipe?.document.lines ?? []).includes('"upTo"'));
    /** What this order would give for this recipe and this water. */
    const again = (code: string): string => {
        const found = state.plan?.emulsion.orders.find((one) => one.order === code);
        return found === undefined ? '' : `Here: shake again every ${found.words}.`;
    };
    const orders = $derived(
        state.shelf.catalogue.orders.map((one) => ({
            value: one.code,
            label: one.name + (one.code === state.recipe?.document.order ? ' (as the recipe has it)' : ''),
            note: [again(one.code), one.price].filter(Boolean).join(' '),
        })),
    );
    const chosen = $derived(state.shelf.catalogue.orders.find((one) => one.code === state.orderNow));
    const strength = $derived([state.half ? 'half strength' : 'full strength', ...(state.highEnd ? ['high end'] : [])]);
    const water = $derived(state.water.hardness === null ? 'hardness unknown' : `${short(state.water.hardness)} mg/L hard`);
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
            <span class="font-bold">How it is worked</span>
            <select class="select w-full" bind:value={state.agitation}>
                {#each state.shelf.catalogue.agitations as one (one.code)}<option value={one.code}>{one.words}</option>{/each}
            </select>
        </label>
        <label class="grid gap-1">
            <span class="font-bold">Kind of water</span>
            <select class="select w-full" bind:value={state.water.kind}>
                <option value="">not known</option>
                {#each state.shelf.catalogue.waters as water (water.code)}<option value={water.code}>{water.words}</option>{/each}
                <option value="number">a figure of my own</option>
            </select>
        </label>
        {#if state.water.kind === 'number'}
            <div class="grid grid-cols-2 gap-2">
                <label class="grid gap-1"
                    ><span class="font-bold">Hardness</span><input
                        class="input w-full"
                        inputmode="decimal"
                        bind:value={state.water.hardnessText}
                    /></label
                >
                <label class="grid gap-1"
                    ><span class="font-bold">in</span><select class="select w-full" bind:value={state.water.hardnessUnit}
                        >{#each state.shelf.catalogue.hardnessUnits as unit (unit.code)}<option value={unit.code}>{unit.words}</option
                            >{/each}</select
                    ></label
                >
            </div>
        {/if}
        <label class="grid gap-1"
            ><span class="font-bold">Water temperature, °C <span class="font-normal">(empty: room temperature)</span></span>
            <input class="input w-full" type="number" min="0" max="100" step="0.5" bind:value={state.water.celsius} /></label
        >
        <div>
            <button class="btn" onclick={() => void state.water.read()}>Read strip and thermometer</button>
            <p class="quiet text-sm">Simulated: a stand-in for real devices that ships with the application.</p>
        </div>
    </div>
</details>
