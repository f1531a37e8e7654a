<script lang="ts">
    import { short } from '../lib/figures';
    import type { Drawn } from './drawn';

    /** What was counted, a curve each trouble, and what was counted on leaves left alone. Part of a drawing. */
    const { drawn, large, thin }: { drawn: Drawn; large: boolean; thin: boolean } = $props();
</script>

{#each drawn.curves as curve, i (curve.caseId)}
    {#if large}<path d={curve.compared} class="stroke-base-content" fill="none" stroke-width="2.5" stroke-dasharray="8 5" />{/if}
    <path
        d={curve.path}
        class="stroke-primary"
        fill="none"
        stroke-width={thin ? 2.5 : 3.5}
        stroke-linejoin="round"
        stroke-dasharray={i === 0 ? undefined : '2 4'}
    />
    {#each curve.dots as one, j (`${one.at} ${j}`)}
        <circle cx={one.x} cy={one.y} r={drawn.dot} class="fill-primary stroke-base-100" stroke-width="1.5" data-dot={one.at} />
        {#if large}<text x={one.x} y={one.y - 12} text-anchor="middle" class="fill-primary text-[16px] font-bold">{short(one.value)}</text
            >{/if}
    {/each}
    {#if large}{#each curve.squares as one, j (`${one.at} ${j}`)}<rect
                x={one.x - 6}
                y={one.y - 6}
                width="12"
                height="12"
                class="fill-base-100 stroke-base-content"
                stroke-width="2.5"
            />{/each}{/if}
{/each}
