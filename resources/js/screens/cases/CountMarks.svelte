<script lang="ts">
    import { marks, WIDE } from './outlook';

    /** A line beside each count that fits, from a few. Part of a drawing. */
    const { most }: { most: number } = $props();
</script>

{#each marks(most) as mark (mark.count)}
    <path d={`M0 ${mark.y}H${WIDE}`} class="stroke-base-300" stroke-width="1.5" /><text
        x="-14"
        y={mark.y + 6}
        text-anchor="end"
        class="fill-base-content text-[26px] sm:text-[15px]">{mark.count}</text
    >
{/each}
