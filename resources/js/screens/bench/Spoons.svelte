<script lang="ts">
    import { millilitres, short } from '../../lib/figures';
    import type { Schemas } from '../../lib/client';

    const { plan }: { plan: Schemas['Plan'] } = $props();
    const strength = $derived(plan.spoken.strength.join(', '));
    const measured = $derived((plan.spoken.measured ?? []).join(', '));

    /** Loads that are alike are shown once. */
    const shown = $derived(
        plan.loads.flatMap((load, i) => {
            const before = plan.loads[i - 1];
            return before !== undefined && Math.abs(before.finished_mL - load.finished_mL) < 1e-6 * load.finished_mL
                ? []
                : [{ load, first: i + 1 }];
        }),
    );
    const last = (i: number): number => (shown[i + 1]?.first ?? plan.loads.length + 1) - 1;
</script>

<div class="dish" data-plan>
    <h2>{plan.spoken.make} <span class="font-normal">in {plan.spoken.loads}</span></h2>
    <p class="quiet">{strength || 'nothing that is reckoned in percent'}</p>
    {#if measured !== strength && measured !== ''}<p class="quiet" data-measured>As your measures have it: {measured}</p>{/if}
    {#if (plan.spoken.range ?? []).length > 0}<p class="quiet" data-range>
            From the low to the high end of the recipe: {plan.spoken.range?.join(', ')}
        </p>{/if}
    {#each shown as { load, first }, i (first)}
        {#if shown.length > 1 || plan.loads.length > 1}
            <h3 class="mt-3 font-bold">{first === last(i) ? `Load ${first}` : `Loads ${first} to ${last(i)}, each`}: {load.spoken}</h3>
        {/if}
        <ol class="mt-2 grid gap-2">
            {#each load.items as item (item.key)}
                <li class="border-base-300 flex flex-wrap items-baseline gap-x-3 border-b-2 pb-2">
                    <span class="text-2xl font-bold">{item.words}</span>
                    <span class="text-lg">{item.name}</span>
                    <span class="quiet ml-auto text-sm"
                        >{millilitres(item.measured.mL)}{#if Math.abs(item.measured.error_percent) >= 0.05}, {short(
                                Math.abs(item.measured.error_percent),
                            )} % {item.measured.error_percent > 0 ? 'over' : 'under'}{/if}</span
                    >
                </li>
            {/each}
            <li class="flex flex-wrap items-baseline gap-x-3">
                <span class="text-2xl font-bold">water</span><span class="text-lg">up to the {load.spoken} mark</span><span
                    class="quiet ml-auto text-sm">{millilitres(load.water_mL)}</span
                >
            </li>
        </ol>
    {/each}
    <p class="mt-3">{plan.holding.because}</p>
    <p>{plan.fair_look.because}</p>
</div>
