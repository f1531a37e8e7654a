<script lang="ts">
    import type { Schemas } from '../../lib/client';

    /** A drawn leaf: what is hurt is filled and hatched, so that it reads without colour. Its colours are those of leaves, by night, too. */
    const { leaf, spots = [] }: { leaf: Schemas['DrawnLeaf']; spots?: { x: number; y: number }[] } = $props();
    const id = $props.id();
    const [healthy, hurt, ink, mark] = ['#b5cfae', '#9a5f14', '#1c2a1f', '#b3261e'];
</script>

<svg viewBox="0 0 100 100" class="h-full w-full" aria-hidden="true" style:color={ink} style:forced-color-adjust="none">
    <defs>
        <clipPath id={`${id}-leaf`}><path d={leaf.outline} /></clipPath>
        <pattern id={`${id}-hurt`} width="3" height="3" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="3" height="3" fill={hurt} /><path d="M0 0V3" stroke="currentColor" stroke-width="1.6" />
        </pattern>
    </defs>
    <path d={leaf.outline} fill={healthy} stroke="currentColor" stroke-width="1.2" />
    <path d={leaf.veins} fill="none" stroke="currentColor" stroke-opacity="0.45" stroke-width="0.8" />
    <g clip-path={`url(#${id}-leaf)`}><path d={leaf.patches} fill={`url(#${id}-hurt)`} stroke="currentColor" stroke-width="0.6" /></g>
    {#each spots as spot, i (i)}<circle cx={100 * spot.x} cy={100 * spot.y} r="3.5" fill={mark} stroke="currentColor" />{/each}
</svg>
