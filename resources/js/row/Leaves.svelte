<script lang="ts">
    import type { Drawn } from './drawn';
    import { LEAF, MARKED_LEAF } from './shapes';

    /** Leaves that were tested, and those that burnt. Part of a drawing. */
    const { drawn, thin }: { drawn: Drawn; thin: boolean } = $props();
</script>

{#each drawn.tests as test, i (`${test.at} ${i}`)}
    <g transform={`translate(${test.x} ${drawn.base}) scale(${drawn.leaf})`} data-test={test.at}>
        <title>{test.spray}</title>
        <path
            d={LEAF}
            class={[test.clean === true ? 'good' : 'fill-base-100', 'stroke-primary']}
            stroke-width="2"
            stroke-dasharray={test.clean === null ? '3 2' : undefined}
        />
        {#if test.clean === false}<path d={MARKED_LEAF} class="hurt" fill="none" stroke-width="3" />{/if}
    </g>
{/each}
{#each drawn.burns as burn, i (`${burn.at} ${i}`)}
    <g transform={`translate(${burn.x} ${drawn.base - (thin ? 14 : 22)}) scale(${drawn.leaf})`} data-burn={burn.at}>
        <path d={LEAF} class="burnt" />
        <path d="M-9 -27L9 -3M9 -27L-9 -3" class="stroke-base-100" stroke-width="3" />
    </g>
{/each}

<style>
    .good {
        fill: var(--color-success);
    }
    .hurt {
        stroke: var(--color-error);
    }
    .burnt {
        fill: var(--color-error);
    }
</style>
