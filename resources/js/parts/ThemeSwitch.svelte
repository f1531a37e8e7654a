<script lang="ts">
    import Moon from '@lucide/svelte/icons/moon';
    import Sun from '@lucide/svelte/icons/sun';
    import { theme } from '../lib/theme.svelte';
</script>

<button
    class="btn btn-ghost btn-square"
    onclick={() => theme.flip()}
    aria-label={theme.dark ? say('parts/theme-switch.light-screen') : say('parts/theme-switch.dark-screen')}
>
    {#if theme.dark}<Sun size={22} aria-hidden="true" />{:else}<Moon size={22} aria-hidden="true" />{/if}
</button>
