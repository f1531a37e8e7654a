<script lang="ts">
    import type { Schemas } from '../lib/client';
    import QuickPlant from './QuickPlant.svelte';

    /** Which plant: one that is known, or one that is named here and added with what it is named for. */
    interface Props {
        plants: Schemas['Plant'][];
        tolerance: Schemas['Catalogue']['tolerance'];
        /** Of the plant; 0 while none is chosen. */
        plantId: number;
    }
    let { plants, tolerance, plantId = $bindable() }: Props = $props();
    /** Plants that were named here, beside those that were known. */
    let named = $state.raw<Schemas['Plant'][]>([]);
    const offered = $derived([...plants, ...named.filter((one) => !plants.some((known) => known.id === one.id))]);
    let quick = $state<{ named: () => boolean; add: () => Promise<Schemas['Plant'] | null> }>();

    function added(plant: Schemas['Plant']): void {
        named = [...named, plant];
        plantId = plant.id;
    }

    /** Whether a plant is chosen, or has a name to be added by. */
    export function isKnown(): boolean {
        return plantId !== 0 || (quick?.named() ?? false);
    }

    /** The plant, added first where it was only named; 0 where it was not taken. */
    export async function chosen(): Promise<number> {
        return plantId === 0 ? ((await quick?.add())?.id ?? 0) : plantId;
    }
</script>

{#if offered.length > 0}
    <label class="grid gap-1">
        <span class="font-bold">{say('parts/plant-choice.on-which-plant')}</span>
        <select class="select w-full" bind:value={plantId}>
            <option value={0} disabled>{say('parts/plant-choice.choose-plant')}</option>
            {#each offered as plant (plant.id)}<option value={plant.id}>{plant.name}</option>{/each}
        </select>
    </label>
    <details>
        <summary class="min-h-11 cursor-pointer py-2">{say('parts/plant-choice.another-plant')}</summary>
        <QuickPlant bind:this={quick} {tolerance} onadded={added} />
    </details>
{:else}<QuickPlant bind:this={quick} {tolerance} onadded={added} />{/if}
