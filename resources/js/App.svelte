<script lang="ts">
    import { Router } from 'sv-router';
    import { untrack } from 'svelte';
    import { line } from './lib/line.svelte';
    import { mishap } from './lib/mishap.svelte';
    import { undo } from './lib/undo.svelte';
    import Keys from './parts/Keys.svelte';
    import MishapNote from './parts/MishapNote.svelte';
    import Navigation from './parts/Navigation.svelte';
    import UndoBar from './parts/UndoBar.svelte';
    import { route } from './routes';

    mishap.listen(window);
    $effect(() => {
        void route.pathname;
        untrack(() => {
            undo.moved();
            mishap.forget();
        });
    });
</script>

<a href="#main" class="no-print bg-primary text-primary-content absolute -top-20 left-2 z-20 rounded p-3 focus:top-2">Skip to the screen</a>
<Navigation />
<Keys />
<UndoBar />
{#if line.strip !== null}<line.strip />{/if}
<main id="main" tabindex="-1" class="room">
    {#if mishap.happened}<MishapNote />{/if}
    <svelte:boundary>
        <Router />
        {#snippet failed()}<MishapNote alone />{/snippet}
    </svelte:boundary>
</main>
