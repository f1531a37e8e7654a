<script lang="ts">
    import type { Snippet } from 'svelte';

    interface Props {
        name: string;
        title: string;
        /** What it says while it is shut. */
        note: string;
        open: boolean;
        children: Snippet;
    }
    let { name, title, note, open = $bindable(), children }: Props = $props();
</script>

<details class="border-base-300 border-b" data-drawer={name} bind:open>
    <summary class="flex min-h-12 cursor-pointer flex-wrap items-center gap-x-3 py-1"
        ><span class="font-bold">{title}</span><span class="quiet min-w-0">{note}</span></summary
    >
    {#if open}<div class="pt-1 pb-4">{@render children()}</div>{/if}
</details>
