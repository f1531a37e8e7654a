<script lang="ts">
    import { keys } from '../lib/keys.svelte';
</script>

<!-- On a desk it stands in the bar. -->
<button class="btn btn-ghost btn-square no-print lg:hidden" aria-label={say('parts/help-button.help')} onclick={() => (keys.sheet = true)}
    >?</button
>
