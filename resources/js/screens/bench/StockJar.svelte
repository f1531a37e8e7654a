<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { onShortDay } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import { navigate } from '../../routes';
    import type { BenchState } from './bench.svelte';

    const { state: bench }: { state: BenchState } = $props();
    const making = new Sending();
    const stock = $derived(bench.recipe?.stocks[0]);

    /** A stock is a batch of its own: mixed, labelled and kept like any other. */
    async function make(): Promise<void> {
        const base = bench.bench;
        if (stock === undefined || base === null) {
            return;
        }
        const kit = { measures: base.measures, scale: base.scale };
        const batch = await making.send((submission) =>
            taken(
                api.POST('/api/batches', {
                    body: {
                        submission,
                        bench: {
                            request: { recipe: stock.document as never, make: { amount: stock.mL, unit: 'mL' } },
                            ...Object.fromEntries(Object.entries(kit).filter(([, value]) => value !== undefined)),
                        },
                    },
                }),
            ),
        );
        if (batch !== null) {
            undo.made('batches', batch, say('bench/stock-jar.jar-of', { name: batch.name }), '/bench');
            void navigate('/batches/:id', { params: { id: String(batch.id) } });
        }
    }
</script>

{#if stock !== undefined}
    <section class="grid gap-2" aria-label={say('bench/stock-jar.stock')}>
        {#if bench.jars.length > 0}
            <label class="grid gap-1">
                <span class="font-bold">{say('bench/stock-jar.pour-from')}</span>
                <select class="select w-full" data-jar bind:value={bench.jarId}>
                    {#each bench.jars as jar (jar.id)}<option value={jar.id}
                            >{say('bench/stock-jar.jar-of-left', {
                                madeAt: onShortDay(jar.madeAt),
                                leftWords: jar.leftWords,
                                discardAt: jar.discardAt ? say('bench/stock-jar.until', { discardAt: onShortDay(jar.discardAt) }) : '',
                            })}</option
                        >{/each}
                    <option value={0}>{say('bench/stock-jar.jar-that-made-with-this')}</option>
                </select>
            </label>
        {:else}
            <p>{say('bench/stock-jar.no-jar-of-stands-ready')}</p>
        {/if}
        <FormFoot form={making} send={() => void make()} />
        <button class="btn justify-self-start" disabled={making.held || bench.bench === null} onclick={() => void make()}
            >{say('bench/stock-jar.make-jar-of-now', { words: stock.words })}</button
        >
    </section>
{/if}
