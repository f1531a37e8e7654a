<script lang="ts">
    import { Router } from 'sv-router';
    import { untrack, type Component } from 'svelte';
    import { keys } from './lib/keys.svelte';
    import { line } from './lib/line.svelte';
    import { undo } from './lib/undo.svelte';
    import Navigation from './parts/Navigation.svelte';
    import UndoBar from './parts/UndoBar.svelte';
    import { route } from './routes';

    /** Single keys come behind what is looked at first. */
    let Keys = $state.raw<Component | null>(null);
    void import('./parts/Keys.svelte').then((part) => (Keys = part.default));
    /** What is said of a fault of the script itself, of which no answer of the server tells. */
    let mishap = $state.raw<Component | null>(null);
    const tell = (): void => void import('./parts/MishapNote.svelte').then((part) => (mishap = part.default));
    // What no screen caught. A warning of the browser brings no error with it.
    addEventListener('error', ({ error }) => error && tell());
    addEventListener('unhandledrejection', tell);
    $effect(() => {
        void route.pathname;
        untrack(() => {
            undo.moved();
            mishap = null;
        });
    });
</script>

<svelte:window onkeydown={(event) => keys.press(event) && event.preventDefault()} />
<a href="#main" class="no-print bg-primary text-primary-content absolute -top-20 left-2 z-20 rounded p-3 focus:top-2"
    >{say('app/app.skip-to-screen')}</a
>
<Navigation />
{#if Keys}<Keys />{/if}
<UndoBar />
{#if line.strip !== null}<line.strip />{/if}
<main id="main" tabindex="-1" class="room">
    {#if mishap}{@const Note = mishap}<Note />{/if}
    <svelte:boundary onerror={tell}>
        <Router />
        {#snippet failed()}{/snippet}
    </svelte:boundary>
</main>
