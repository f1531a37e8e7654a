<script lang="ts">
    import { writes } from '../../lib/writes';
    import { celsiusOf, degreesOf } from '../../lib/weather';
    import Choice from '../../parts/Choice.svelte';
    import { HALF } from './address';
    import type { BenchState } from './bench.svelte';
    import { strengthOf } from './setting';

    const { state }: { state: BenchState } = $props();
    const ranged = $derived(JSON.stringify(state.document?.lines ?? []).includes('"upTo"'));
    /** What this order would give for this recipe and this water. */
    const again = (code: string): string => {
        const found = state.plan?.emulsion.orders.find((one) => one.order === code);
        return found === undefined ? '' : say('bench/mix-settings.here-shake-again-every', { words: found.words });
    };
    const orders = $derived(
        state.shelf.catalogue.orders.map((one) => ({
            value: one.code,
            label: one.name + (one.code === state.recipe?.document.order ? say('bench/mix-settings.as-recipe-has') : ''),
            note: [again(one.code), one.price].filter(Boolean).join(' '),
        })),
    );
    const measured = $derived((state.plan?.spoken.measured ?? []).join(', '));
    const range = $derived((state.plan?.spoken.range ?? []).join(', '));
</script>

<div class="grid gap-3">
    <p class="quiet">
        {#if measured}{say('bench/mix-settings.as-your-measures-have', { measured })}{/if}
        {#if range}{say('bench/mix-settings.from-low-to-high-end', { range })}{/if}
        {#if state.own !== null}<button class="btn mt-2" onclick={() => (state.own = null)}
                >{say('bench/mix-settings.back-to-recipe-as-written')}</button
            >{/if}
    </p>
    {#if ranged}
        <label class="flex min-h-11 items-center gap-3"
            ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={state.highEnd} />
            {say('bench/mix-settings.take-high-end-of-recipes')}</label
        >
    {/if}
    <label class="flex min-h-11 items-center gap-3"
        ><input
            type="checkbox"
            class="checkbox checkbox-primary"
            bind:checked={() => state.factor !== 1, (half) => (state.factor = half ? HALF : 1)}
        />
        {say('bench/mix-settings.made-at', { HALF: strengthOf(state.factor === 1 ? HALF : state.factor) })}</label
    >
    <Choice
        legend={say('bench/mix-settings.how-mixed')}
        name="order"
        options={orders}
        bind:value={() => state.orderNow as string, (code) => (state.order = code as typeof state.orderNow)}
    />
    <label class="grid gap-1">
        <span class="font-bold">{say('bench/mix-settings.how-worked')}</span>
        <select class="select w-full" bind:value={state.agitation}>
            {#each state.shelf.catalogue.agitations as one (one.code)}<option value={one.code}>{one.words}</option>{/each}
        </select>
    </label>
    <label class="grid gap-1">
        <span class="font-bold">{say('bench/mix-settings.kind-of-water')}</span>
        <select class="select w-full" bind:value={state.water.kind}>
            <option value="">{say('bench/mix-settings.not-known')}</option>
            {#each state.shelf.catalogue.waters as water (water.code)}<option value={water.code}>{water.words}</option>{/each}
            <option value="number">{say('bench/mix-settings.figure-of-my-own')}</option>
        </select>
    </label>
    {#if state.water.kind === 'number'}
        <div class="grid grid-cols-2 gap-2">
            <label class="grid gap-1"
                ><span class="font-bold">{say('bench/mix-settings.hardness')}</span><input
                    class="input w-full"
                    inputmode="decimal"
                    bind:value={state.water.hardnessText}
                /></label
            >
            <label class="grid gap-1"
                ><span class="font-bold">{say('bench/mix-settings.in')}</span><select
                    class="select w-full"
                    bind:value={state.water.hardnessUnit}
                    >{#each state.shelf.catalogue.hardnessUnits as unit (unit.code)}<option value={unit.code}>{unit.words}</option
                        >{/each}</select
                ></label
            >
        </div>
    {/if}
    <label class="grid gap-1"
        ><span class="font-bold"
            >{say('bench/mix-settings.water-temperature', { degrees: writes.degrees })}
            <span class="font-normal">{say('bench/mix-settings.empty-room-temperature')}</span></span
        >
        <input
            class="input w-full"
            type="number"
            min={degreesOf(0)}
            max={degreesOf(100)}
            step="0.5"
            bind:value={
                () => (state.water.celsius === null ? null : degreesOf(state.water.celsius)),
                (degrees) => (state.water.celsius = degrees === null ? null : celsiusOf(degrees))
            }
        /></label
    >
    <div>
        <button class="btn" onclick={() => void state.water.read()}>{say('bench/mix-settings.read-strip-and-thermometer')}</button>
        <p class="quiet text-sm">{say('bench/mix-settings.simulated-stand-in-for-real')}</p>
    </div>
</div>
