<script lang="ts">
    import LevelMark from './LevelMark.svelte';

    /** Whether nothing else is left on the screen, so that this is what it is called. */
    const alone = document.querySelector('#main h1') === null;
</script>

{#if alone}<h1 class="mb-4">{say('parts/mishap-note.this-screen-cannot-be-shown')}</h1>{/if}
<div role="alert" class="border-error my-3 flex flex-col items-start gap-3 border-l-8 py-2 pl-3 sm:flex-row" data-mishap>
    <LevelMark level="fault" />
    <div>
        <p class="font-bold">
            {alone ? say('parts/mishap-note.met-something-that-does-not') : say('parts/mishap-note.something-on-this-screen-went')}
        </p>
        <p class="quiet">{say('parts/mishap-note.nothing-that-you-saved-lost')}</p>
        <div class="mt-2 flex flex-wrap gap-2">
            <button class="btn" onclick={() => location.reload()}>{say('parts/mishap-note.load-again')}</button>
            <button class="btn" onclick={() => location.assign('/')}>{say('parts/mishap-note.go-to-today')}</button>
        </div>
    </div>
</div>
