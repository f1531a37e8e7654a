<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { atTime } from '../../lib/time';
    import Waiting from '../../parts/Waiting.svelte';
    import BurnForm from '../cases/BurnForm.svelte';

    interface Props {
        plantId: number;
        onsaved: () => void;
    }
    const { plantId, onsaved }: Props = $props();
    const page = new Loaded(() => taken(api.GET('/api/plants/{id}/burnt', { params: { path: { id: plantId } } })));
    let chosen = $state('');
    const likely = $derived(page.value?.rounds.find((one) => one.likely)?.key ?? '');
    const key = $derived(chosen === '' ? likely : chosen);
</script>

<Waiting of={page}>
    {#snippet children({ aid, rounds })}
        <ol class="my-2 grid list-decimal gap-1 pl-6" data-first-aid>
            {#each aid as step (step)}<li>{step}</li>{/each}
        </ol>
        {#if rounds.length === 0}
            <p>{say('plants/burnt-leaves.nothing-lately')}</p>
        {:else}
            <fieldset class="grid gap-1">
                <legend class="font-bold">{say('plants/burnt-leaves.which-round')}</legend>
                {#each rounds as one (one.key)}
                    <label class="flex min-h-11 items-center gap-2"
                        ><input
                            type="radio"
                            class="radio radio-primary"
                            name="burnt-round"
                            checked={one.key === key}
                            onchange={() => (chosen = one.key)}
                        />
                        <span>{one.name}, {atTime(one.sprayedAt)}{one.likely ? say('plants/burnt-leaves.likely') : ''}</span></label
                    >
                {/each}
            </fieldset>
            {#if key !== ''}
                <p class="quiet text-sm">{say('plants/burnt-leaves.then-it-stops')}</p>
                {#key key}<BurnForm round={{ key }} {onsaved} />{/key}
            {/if}
        {/if}
    {/snippet}
</Waiting>
