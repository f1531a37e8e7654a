<script lang="ts">
    import { keys } from '../lib/keys.svelte';

    let dialog = $state<HTMLDialogElement>();

    $effect(() => {
        const shown = dialog;
        shown?.showModal();
        // Closed and not just taken away: the focus goes back to where it was.
        return () => shown?.close();
    });
</script>

<dialog
    bind:this={dialog}
    class="bg-base-100 text-base-content border-base-content m-auto max-w-lg rounded border-4 p-6"
    aria-labelledby="key-sheet"
    onclose={() => (keys.sheet = false)}
>
    <h2 id="key-sheet" class="mb-3">{say('parts/key-sheet.keys')}</h2>
    <p class="quiet mb-3">{say('parts/key-sheet.they-rest-while-you-type')}</p>
    <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1" data-keys>
        <dt><kbd class="numeral border-base-content rounded border-2 px-2">?</kbd></dt>
        <dd>{say('parts/key-sheet.this-sheet')}</dd>
        <dt><kbd class="numeral border-base-content rounded border-2 px-2">{say('parts/key-sheet.arrows')}</kbd></dt>
        <dd>{say('parts/key-sheet.level-in-sprayer-once-has')}</dd>
        {#each Object.entries(keys.all) as [key, { what }] (key)}
            <dt><kbd class="numeral border-base-content rounded border-2 px-2">{key}</kbd></dt>
            <dd>{what}</dd>
        {/each}
    </dl>
    <label class="mt-4 flex min-h-11 items-center gap-3"
        ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={keys.on} /> {say('parts/key-sheet.single-keys-work')}</label
    >
    <button class="btn mt-2" onclick={() => (keys.sheet = false)}>{say('parts/key-sheet.close')}</button>
</dialog>
