<script lang="ts">
    import { keys } from '../lib/keys.svelte';
    import { navigate } from '../routes';

    const places = [
        ['1', 'Today', '/'],
        ['2', 'Bench', '/bench'],
        ['3', 'Plants', '/plants'],
        ['4', say('parts/keys.what-worked'), '/worked'],
        ['5', 'Shed', '/shed'],
        ['6', say('parts/keys.what'), '/look'],
        ['7', say('parts/keys.percent-and-parts'), '/sums'],
        ['8', 'Write a recipe', '/recipes/write'],
        ['9', say('parts/keys.compare-two-recipes'), '/recipes/compare'],
    ] as const;
    /** The sheet comes when it is asked for first. */
    const sheet = $derived(keys.sheet ? import('./HelpSheet.svelte') : null);

    keys.use(() =>
        Object.fromEntries(
            places.map(([key, name, to]) => [key, { what: say('parts/keys.go-to', { name }), press: () => void navigate(to) }]),
        ),
    );
</script>

{#if sheet !== null}
    {#await sheet then { default: HelpSheet }}<HelpSheet />{/await}
{/if}
