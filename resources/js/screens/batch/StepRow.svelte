<script lang="ts">
    import Check from '@lucide/svelte/icons/check';
    import type { Schemas } from '../../lib/client';
    import { short } from '../../lib/figures';
    import type { Tally } from './tally.svelte';

    interface Props {
        number: number;
        task: Schemas['Plan']['loads'][number]['tasks'][number];
        item: Schemas['Batch']['items'][number] | undefined;
        tally: Tally;
        /** How high it stands in the sprayer after it, in words; empty when nothing rises. */
        stands: string;
    }
    const { number, task, item, tally, stands }: Props = $props();
    const numbers = (count: number): number[] => [...Array(count).keys()].map((i) => i + 1);
    const done = $derived(item !== undefined && item.scoops.every((scoop) => scoop.ticked.length === scoop.count));
</script>

<li class="border-base-300 flex gap-3 border-b-2 pb-3 last:border-b-0">
    <span
        class={[
            'numeral grid size-9 shrink-0 place-items-center rounded-full border-2 border-current text-base font-bold',
            done && 'bg-success text-success-content',
        ]}
        aria-hidden="true">{number}</span
    >
    <div class="min-w-0 flex-1">
        <p class="text-lg">{task.text}</p>
        {#each item?.scoops ?? [] as scoop (scoop.id)}
            <div
                class="mt-2 flex flex-wrap items-center gap-2"
                role="group"
                aria-label={`${item?.name}: ${scoop.count} times ${scoop.words}`}
            >
                {#each numbers(scoop.count) as n (n)}
                    {@const ticked = scoop.ticked.includes(n)}
                    <button
                        class={[
                            'numeral grid size-14 place-items-center rounded-full border-4 text-xl font-bold',
                            ticked ? 'border-success bg-success text-success-content' : 'border-base-content bg-base-100 border-dashed',
                        ]}
                        aria-pressed={ticked}
                        aria-label={`${scoop.words} of ${item?.name}, spoonful ${n} of ${scoop.count}`}
                        onclick={() => tally.tick(scoop, n, !ticked)}
                    >
                        {#if ticked}<Check size={28} strokeWidth={3.5} aria-hidden="true" />{:else}{n}{/if}
                    </button>
                {/each}
                <span class="quiet">{scoop.count} × {scoop.words} <span class="text-sm">({short(scoop.eachMl)} mL each)</span></span>
            </div>
        {/each}
        {#if stands !== ''}<p class="quiet mt-1 text-sm" data-level>Then it stands at {stands}.</p>{/if}
    </div>
</li>
