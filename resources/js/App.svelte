<script lang="ts">
    import { Router } from 'sv-router';
    import { line } from './lib/line.svelte';
    import Keys from './parts/Keys.svelte';
    import Navigation from './parts/Navigation.svelte';
    import UndoBar from './parts/UndoBar.svelte';
</script>

<a href="#main" class="no-print bg-primary text-primary-content absolute -top-20 left-2 z-20 rounded p-3 focus:top-2">Skip to the screen</a>
<Navigation />
<Keys />
<UndoBar />
{#if line.strip !== null}<line.strip />{/if}
<main id="main" tabindex="-1" class="room">
    <Router />
</main>
