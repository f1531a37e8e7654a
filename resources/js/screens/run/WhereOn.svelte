<script lang="ts">
    import type { Schemas } from '../../lib/client';

    /** A plant as it is seen by whoever crouches under it, with where this spray goes. */
    const { how }: { how: NonNullable<Schemas['RunStep']['putOn']> } = $props();
    const id = $props.id();
    const LEAVES = [0, 45, 90, 135, 180, 225, 270, 315];
    const onLeaves = $derived(!['drench', 'dormant', 'spot'].includes(how));
    /** Drops by how wet it gets. */
    const drop = $derived(how === 'mist' ? 1.3 : how === 'run-off' || how === 'plain' ? 3 : 2);
    const WHERE: readonly (readonly [number, number])[] = [
        [44, -7],
        [52, 6],
        [60, -5],
        [68, 5],
        [78, -2],
        [36, 4],
    ];
</script>

<svg
    viewBox="-110 -110 220 220"
    class="stroke-base-content h-24 w-24 shrink-0 sm:h-56 sm:w-56"
    fill="none"
    stroke-width="2.5"
    stroke-linecap="round"
    stroke-linejoin="round"
    role="img"
    aria-label={onLeaves
        ? say('run/where-on.undersides')
        : how === 'drench'
          ? say('run/where-on.soil')
          : how === 'dormant'
            ? say('run/where-on.wood')
            : say('run/where-on.joints')}
    data-where={how}
>
    <defs
        ><pattern id={`${id}-wet`} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"
            ><path d="M0 0V7" class="stroke-info" stroke-width="4" /></pattern
        ></defs
    >
    {#if how === 'drench'}
        <circle r="92" /><circle r="80" fill={`url(#${id}-wet)`} />
        {#each LEAVES as turn (turn)}<path d="M0 0 46 -6" transform={`rotate(${turn + 20})`} />{/each}
        <circle r="7" class="fill-base-content" />
    {:else}
        {#each LEAVES as turn, i (turn)}
            <g transform={`rotate(${turn})`}>
                {#if how === 'dormant'}
                    <path d="M6 0H88M40 0 62 -16M56 0 78 14" class="stroke-info" stroke-width="8" />
                    <path d="M6 0H88M40 0 62 -16M56 0 78 14" />
                    <path d="M88 0l6 -4M88 0l6 4" />
                {:else}
                    <path
                        d="M24 0C40 -22 78 -24 98 0 78 24 40 22 24 0z"
                        fill={onLeaves ? `url(#${id}-wet)` : undefined}
                        fill-opacity={how === 'mist' ? 0.35 : 0.7}
                    />
                    <path d="M8 0H92M48 0l12 -11M48 0l12 11M66 0l10 -8M66 0l10 8" />
                    {#if onLeaves && how !== 'by-hand'}{#each WHERE as [x, y] (x)}<circle
                                cx={x}
                                cy={y}
                                r={drop}
                                class="fill-info stroke-none"
                            />{/each}{/if}
                    {#if how === 'spot' && i % 2 === 0}<circle cx="26" cy="0" r="7" class="fill-info" />{/if}
                {/if}
            </g>
        {/each}
        <!-- Joints and the stem. -->
        <circle r="9" class={how === 'spot' || how === 'dormant' ? 'fill-info' : 'fill-base-100'} />
        {#if how === 'by-hand'}<path d="M30 -64l46 -30M22 -58l10 14 10 -7 -10 -14z" class="fill-base-100" stroke-width="4" />{/if}
        {#if how === 'spot'}<path d="M34 6l54 40" stroke-width="5" /><circle cx="31" cy="4" r="8" class="fill-base-100" />{/if}
    {/if}
</svg>
