<script lang="ts">
    import { drawnScoop } from './scoops';

    /** A measure by its own size, empty or full. */
    const { mL, full = false, times = 1, scale = 1 }: { mL: number; full?: boolean; times?: number; scale?: number } = $props();
    const one = $derived(drawnScoop(mL));
    /** As wide as they are drawn; what is more is written beside. */
    const many = $derived(Math.min(times, 4));
    const r = $derived(one.radius);
    const inside = $derived(full ? 'fill-info' : 'fill-none');
    const line = $derived(full ? undefined : '4 3');
</script>

<svg
    viewBox={`0 0 ${one.width * many} ${one.height}`}
    width={scale * one.width * many}
    height={scale * one.height}
    class="stroke-base-content max-w-full"
    stroke-width="2.5"
    aria-hidden="true"
    data-scoop={one.kind}
>
    {#each Array.from({ length: many }, (_, i) => i) as i (i)}
        <g transform={`translate(${i * one.width})`}>
            {#if one.kind === 'drop'}
                <path
                    d={`M${r + 2} 1c${r * 0.4} ${r * 0.9} ${r} ${r * 1.2} ${r} ${r * 1.9}a${r} ${r} 0 0 1 ${-2 * r} 0c0 ${-r * 0.7} ${r * 0.6} ${-r} ${r} ${-r * 1.9}z`}
                    class={inside}
                    stroke-dasharray={line}
                />
            {:else if one.kind === 'spoon'}
                <path d={`M2 10h${2 * r}a${r} ${r} 0 0 1 ${-2 * r} 0z`} class={inside} stroke-dasharray={line} />
                <path d={`M${2 + 2 * r} 10q12 2 28 -8`} class="fill-none" />
            {:else}
                <path d={`M3 3l3 ${2 * r}h${2 * r - 6}l3 ${-2 * r}z`} class={inside} stroke-dasharray={line} />
                <path d={`M${2 * r + 2} ${r * 0.5}q12 ${r * 0.4} 0 ${r * 0.8}`} class="fill-none" />
            {/if}
        </g>
    {/each}
</svg>
