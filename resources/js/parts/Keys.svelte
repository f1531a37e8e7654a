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
    /** The sheet comes when it is asked for first. */
    const sheet = $derived(keys.sheet ? import('./KeySheet.svelte') : null);

    keys.use(() => Object.fromEntries(places.map(([key, name, to]) => [key, { what: `go to ${name}`, press: () => void navigate(to) }])));

    function press(event: KeyboardEvent): void {
        if (keys.press(event)) {
            event.preventDefault();
        }
    }
</script>

<svelte:window onkeydown={press} />
{#if sheet !== null}
    {#await sheet then { default: KeySheet }}<KeySheet />{/await}
{/if}
