<script lang="ts">
    import { onMount, type Snippet } from 'svelte';
    import { arrival } from '../lib/arrival';
    import HelpButton from './HelpButton.svelte';

    interface Props {
        title: string;
        /** Where the room is needed for what is done. */
        small?: boolean;
        /** Unset where the way to help stands elsewhere on the screen. */
        help?: boolean;
        children?: Snippet;
    }
    const { title, small = false, help = true, children }: Props = $props();
    let heading = $state<HTMLElement>();

    // Whoever moves here by keyboard or ear is told where they are.
    onMount(() => arrival.at(heading));
</script>

<svelte:head><title>{say('parts/head.idle-mixer', { title })}</title></svelte:head>
<div class={['flex flex-wrap items-center gap-x-4 gap-y-2', !small && 'mb-4']}>
    <h1 bind:this={heading} tabindex="-1" class={['max-w-4/5', small && 'text-xl']}>{title}</h1>
    {#if children}<div class="no-print flex flex-wrap gap-2 sm:ml-auto">{@render children()}</div>{/if}
    {#if help}<span class="ml-auto lg:hidden"><HelpButton /></span>{/if}
</div>
