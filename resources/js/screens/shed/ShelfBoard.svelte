<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import Scoop from '../../parts/Scoop.svelte';
    import { SHAPES } from '../../parts/shapes';

    /** What is sprayed from and measured with, side by side on one board, all by one scale. */
    const { sprayers, measures }: { sprayers: Schemas['Sprayer'][]; measures: Schemas['Measure'][] } = $props();
    /** px for a mm; a vessel is about eighteen times as high, in mm, as the cube root of its mL. */
    const SCALE = 1 / 3;
    const ON_A_PHONE = 1 / 5;
    const NARROW = 640;
    let width = $state(NARROW);
    const scale = $derived(width < NARROW ? ON_A_PHONE : SCALE);
    const HIGH = 18;
    const high = (mL: number): number => scale * HIGH * Math.cbrt(mL);
    const standing = $derived(sprayers.filter((one) => !one.retired).toSorted((a, b) => b.mL - a.mL));
    const lying = $derived(
        measures.flatMap((one) => (one.retired || one.mL === null ? [] : [{ ...one, mL: one.mL }])).toSorted((a, b) => b.mL - a.mL),
    );
</script>

{#if standing.length + lying.length > 0}
    <div class="board no-print mb-4 flex flex-wrap items-end gap-x-2 gap-y-3 px-1 sm:gap-x-5" data-board bind:clientWidth={width}>
        {#each standing as one (one.id)}{@const drawn = SHAPES[one.shape]}<a
                href={`/sprayers/${one.id}`}
                aria-label={`${one.name}, ${one.words}`}
                title={one.name}
                class="grid min-h-11 min-w-11 items-end justify-items-center"
                ><svg viewBox="0 0 250 346" height={high(one.mL)} width={(high(one.mL) * 250) / 346} aria-hidden="true" data-mL={one.mL}
                    ><path d={drawn.body} class="fill-info" opacity="0.3" /><path d={drawn.solid} class="fill-base-content" /><g
                        class="stroke-base-content"
                        fill="none"
                        stroke-width={Math.min(14, 1100 / high(one.mL))}
                        stroke-linecap="round"
                        stroke-linejoin="round"><path d={drawn.body} /><path d={drawn.lines} /></g
                    ></svg
                ></a
            >{/each}
        {#each lying as one (one.id)}<span title={`${one.name}, ${one.words}`} aria-hidden="true"><Scoop mL={one.mL} {scale} full /></span
            >{/each}
    </div>
{/if}

<style>
    /* The edge of the board. */
    .board {
        border-bottom: 0.6rem solid #a9783f;
    }
</style>
