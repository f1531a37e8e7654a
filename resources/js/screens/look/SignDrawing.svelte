<script lang="ts">
    import { drawings } from './drawings';

    const { code }: { code: string } = $props();
    const drawing = $derived(drawings[code] ?? {});
</script>

<svg
    viewBox="0 0 64 64"
    class="size-10 shrink-0 sm:size-12"
    aria-hidden="true"
    fill="none"
    stroke="currentColor"
    stroke-width="2.5"
    stroke-linecap="round"
    stroke-linejoin="round"
>
    {#if drawing.leaf}<path d="M32 60C12 50 8 24 32 4c24 20 20 46 0 56zM32 60V16" opacity="0.75" />{/if}
    {#if drawing.shapes}<path d={drawing.shapes} fill="currentColor" stroke="none" />{/if}
    {#if drawing.lines}<path d={drawing.lines} />{/if}
    {#each drawing.rings ?? [] as [x, y, r] (`${x} ${y} ${r}`)}<circle cx={x} cy={y} {r} />{/each}
    {#each drawing.dots ?? [] as [x, y, r] (`${x} ${y} ${r}`)}<circle cx={x} cy={y} {r} fill="currentColor" stroke="none" />{/each}
</svg>
