<script lang="ts">
    import LevelMark from './LevelMark.svelte';

    /** Whether nothing else is left on the screen, so that this is what it is called. */
    const alone = document.querySelector('#main h1') === null;
</script>

{#if alone}<h1 class="mb-4">This screen cannot be shown</h1>{/if}
<div role="alert" class="border-error my-3 flex flex-col items-start gap-3 border-l-8 py-2 pl-3 sm:flex-row" data-mishap>
    <LevelMark level="fault" />
    <div>
        <p class="font-bold">
            {alone
                ? 'It met something that it does not understand.'
                : 'Something on this screen went wrong: it may not show what was done last.'}
        </p>
        <p class="quiet">Nothing that you saved is lost. Load the screen again; if it fails again, go on from Today.</p>
        <div class="mt-2 flex flex-wrap gap-2">
            <button class="btn" onclick={() => location.reload()}>Load it again</button>
            <button class="btn" onclick={() => location.assign('/')}>Go to Today</button>
        </div>
    </div>
</div>
