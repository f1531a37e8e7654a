<script lang="ts">
    import Check from '@lucide/svelte/icons/check';
    import type { Schemas } from '../../lib/client';
    import Scoop from '../../parts/Scoop.svelte';
    import type { Tally } from './tally.svelte';

    interface Props {
        item: Schemas['Batch']['items'][number];
        tally: Tally;
        /** The last of its spoonfuls went in. */
        onfull: () => void;
    }
    const { item, tally, onfull }: Props = $props();
    const numbers = (count: number): number[] => [...Array(count).keys()].map((i) => i + 1);

    function tick(scoop: Schemas['Scoop'], number: number, ticked: boolean): void {
        // With the last spoonful the step may be over, and its item gone.
        const { id } = item;
        tally.tick(scoop, number, ticked);
        const now = tally.items.find((one) => one.id === id);
        if (ticked && now?.scoops.every((one) => one.ticked.length === one.count)) {
            onfull();
        }
    }
</script>

{#each item.scoops as scoop (scoop.id)}
    <div
        class="flex flex-wrap items-center gap-3"
        role="group"
        aria-label={say('batch/rings.times', { name: item.name, count: scoop.count, words: scoop.words })}
    >
        {#each numbers(scoop.count) as n (n)}
            {@const ticked = scoop.ticked.includes(n)}
            <button
                class={[
                    'grid min-h-[5.5rem] min-w-[5.5rem] content-between justify-items-center gap-1 rounded-lg border-4 p-2 text-center leading-tight font-bold',
                    ticked ? 'border-success' : 'border-base-content border-dashed',
                ]}
                data-ring
                aria-pressed={ticked}
                aria-label={say('batch/rings.of-spoonful-of', { words: scoop.words, name: item.name, n, count: scoop.count })}
                onclick={() => tick(scoop, n, !ticked)}
            >
                <span class="grid min-h-11 place-items-center"><Scoop mL={scoop.eachMl} full={ticked} /></span>
                <span class="flex items-center gap-1"
                    >{#if ticked}<Check size={18} strokeWidth={4} aria-hidden="true" />{/if}{scoop.words}</span
                >
            </button>
        {/each}
    </div>
{/each}
