<script lang="ts">
    import { untrack } from 'svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import type { BenchState } from './bench.svelte';
    import NeedFields from './NeedFields.svelte';
    import { NEED_KINDS, NeedState } from './need.svelte';

    const { state: bench, open }: { state: BenchState; open: boolean } = $props();
    const need = untrack(() => new NeedState(bench.filling.unit));
    const answer = $derived(need.answer.value);
    const last = $derived(bench.case?.lastLitres ?? null);
    /** Three figures that matter. */
    const shown = (litres: number): string => String(Number(litres.toPrecision(3)));

    $effect(() => need.ask(open ? need.body(bench.filling.unit, bench.filling.sprayer) : null));
</script>

<section aria-label={say('bench/how-much.how-much-do-i-need')}>
    <h2 class="text-base">{say('bench/how-much.how-much-do-i-need')}</h2>
    <div class="mt-1 grid gap-3">
        {#if last !== null}
            {@const litres = last}
            <p data-last-took>
                {say('bench/how-much.its-last-round-took-l', { litres: shown(litres) })}
                <button class="btn" onclick={() => need.byLast(shown(litres))}>{say('bench/how-much.reckon-by-that')}</button>
            </p>
        {/if}
        <label class="grid gap-1"
            ><span class="font-bold">{say('bench/how-much.reckon')}</span><select class="select w-full" bind:value={need.kind}
                >{#each NEED_KINDS as one (one.value)}<option value={one.value}>{one.label}</option>{/each}</select
            ></label
        >
        <NeedFields {need} catalogue={bench.shelf.catalogue} />
        <FaultNote fault={need.answer.fault} />
        {#if answer !== null && need.answer.fault === null}
            <div data-need>
                <p class="text-lg font-bold">{answer.words}</p>
                {#each answer.because as why, i (i)}<p class="quiet text-sm">{why}</p>{/each}
                <div class="mt-2 flex flex-wrap gap-2">
                    <button class="btn" onclick={() => bench.filling.fillTo(answer.amount)}>{say('bench/how-much.make-that')}</button>
                    {#if answer.sensible !== null}
                        {@const sensible = answer.sensible}
                        <button class="btn" onclick={() => bench.filling.fillTo(sensible.amount)}
                            >{say('bench/how-much.or', { words: sensible.words })}</button
                        >
                    {/if}
                </div>
                {#if answer.sensible !== null}<p class="quiet text-sm">
                        {say('bench/how-much.last-load-under-quarter-of')}
                    </p>{/if}
            </div>
        {/if}
    </div>
</section>
