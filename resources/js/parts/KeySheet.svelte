<script lang="ts">
    import { keys } from '../lib/keys.svelte';
    import { navigate } from '../routes';

    const places = [
        ['1', 'Today', '/'],
        ['2', 'Bench', '/bench'],
        ['3', 'Plants', '/plants'],
        ['4', 'What worked', '/worked'],
        ['5', 'Shed', '/shed'],
        ['6', 'What is it?', '/look'],
        ['7', 'Percent and parts', '/sums'],
        ['8', 'Write a recipe', '/recipes/write'],
        ['9', 'Compare two recipes', '/recipes/compare'],
    ] as const;
    let dialog = $state<HTMLDialogElement>();

    keys.use(() => Object.fromEntries(places.map(([key, name, to]) => [key, { what: `go to ${name}`, press: () => void navigate(to) }])));

    $effect(() => {
        if (keys.sheet) {
            dialog?.showModal();
        } else {
            dialog?.close();
        }
    });

    function press(event: KeyboardEvent): void {
        if (keys.press(event)) {
            event.preventDefault();
        }
    }
</script>

<svelte:window onkeydown={press} />
<dialog
    bind:this={dialog}
    class="bg-base-100 text-base-content border-base-content m-auto max-w-lg rounded border-4 p-6"
    aria-labelledby="key-sheet"
    onclose={() => (keys.sheet = false)}
>
    <h2 id="key-sheet" class="mb-3">Keys</h2>
    <p class="quiet mb-3">They rest while you type in a field.</p>
    <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1" data-keys>
        <dt><kbd class="numeral border-base-content rounded border-2 px-2">?</kbd></dt>
        <dd>this sheet</dd>
        <dt><kbd class="numeral border-base-content rounded border-2 px-2">arrows</kbd></dt>
        <dd>the level in the sprayer, once it has the focus</dd>
        {#each Object.entries(keys.all) as [key, { what }] (key)}
            <dt><kbd class="numeral border-base-content rounded border-2 px-2">{key}</kbd></dt>
            <dd>{what}</dd>
        {/each}
    </dl>
    <label class="mt-4 flex min-h-11 items-center gap-3"
        ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={keys.on} /> Single keys work</label
    >
    <button class="btn mt-2" onclick={() => (keys.sheet = false)}>Close</button>
</dialog>
