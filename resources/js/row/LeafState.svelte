<script lang="ts">
    import type { Schemas } from '../lib/client';

    /** The leaf of a plant as it is: clean, with something on it, or burnt. */
    const { row, small = false }: { row: Schemas['Row']; small?: boolean } = $props();
</script>

<svg viewBox="0 0 44 56" width={small ? 28 : 38} height={small ? 36 : 48} aria-hidden="true" data-leaf={row.leaf}>
    <path d="M22 54V44C2 42 0 16 22 2C44 16 42 42 22 44" class="fill-base-100 stroke-primary" stroke-width="2.5" stroke-linejoin="round" />
    <path d="M22 44V14M22 34l-9 -7M22 28l8 -6" class="stroke-primary" stroke-width="1.5" fill="none" />
    {#if row.leaf === 'burnt'}<path d="M22 2C10 10 6 20 6 27l7 -4 5 6 5 -8 6 6 8 -3C36 16 32 8 22 2" class="fill-secondary" />{/if}
    {#if row.curves.length > 0}<circle cx="15" cy="22" r="2.8" class="fill-base-content" /><circle
            cx="28"
            cy="30"
            r="2.8"
            class="fill-base-content"
        /><circle cx="17" cy="35" r="2.3" class="fill-base-content" />{/if}
</svg>
