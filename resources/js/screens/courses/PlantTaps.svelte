<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { places, toggledAll } from './chosen';

    interface Props {
        plants: Schemas['Plant'][];
        /** Ids of those that are on it. */
        chosen: number[];
    }
    let { plants, chosen = $bindable() }: Props = $props();
    const inOrder = new Intl.Collator('en', { numeric: true });
    const there = $derived(plants.filter((one) => !one.retired).toSorted((a, b) => inOrder.compare(a.name, b.name)));
    const all = $derived(places(plants));
</script>

<fieldset class="grid gap-2">
    <legend class="mb-1 font-bold">{say('courses/plant-taps.which-plants')}</legend>
    <div class="flex flex-wrap gap-2">
        {#each all as place (place.name)}
            <button
                type="button"
                class="btn"
                aria-pressed={place.ids.every((id) => chosen.includes(id))}
                onclick={() => (chosen = toggledAll(chosen, place.ids))}
                >{say('courses/plant-taps.all-of-place', { name: place.name, plants: place.ids.length })}</button
            >
        {/each}
    </div>
    <details open={all.length === 0}>
        <summary class="link min-h-11 cursor-pointer py-2">{say('courses/plant-taps.one-by-one', { chosen: chosen.length })}</summary>
        <div class="flex flex-wrap gap-x-5">
            {#each there as plant (plant.id)}<label class="flex min-h-11 items-center gap-2"
                    ><input type="checkbox" class="checkbox checkbox-primary" value={plant.id} bind:group={chosen} />
                    {plant.name}</label
                >{/each}
        </div>
    </details>
</fieldset>
