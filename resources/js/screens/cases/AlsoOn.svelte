<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import QuickPlant from '../../parts/QuickPlant.svelte';
    import Waiting from '../../parts/Waiting.svelte';

    /** The same pest on one more plant: a case of its own, for each plant is counted and sprayed by itself. */
    const { one }: { one: Schemas['Case'] } = $props();
    const sending = new Sending();
    const page = new Loaded(async () => {
        const [{ plants }, { tolerance }] = await Promise.all([taken(api.GET('/api/plants')), taken(api.GET('/api/catalogue'))]);
        return { plants: plants.filter((plant) => !plant.retired && plant.id !== one.plant.id), tolerance };
    });
    let quick = $state<{ named: () => boolean; add: () => Promise<Schemas['Plant'] | null> }>();
    let plantId = $state(0);
    let opened = $state.raw<{ id: number; name: string }[]>([]);

    async function open(): Promise<void> {
        const on = plantId === 0 ? ((await quick?.add())?.id ?? 0) : plantId;
        if (on === 0) {
            return;
        }
        const made = await sending.send((submission) =>
            taken(api.POST('/api/cases', { body: { submission, plantId: on, pest: one.pest } })),
        );
        if (made !== null) {
            opened = [...opened, { id: made.id, name: made.name }];
            plantId = 0;
        }
    }
</script>

<Waiting of={page}>
    {#snippet children({ plants, tolerance })}
        <div class="grid gap-3 pb-3">
            {#if plants.length > 0}
                <label class="grid gap-1">
                    <span class="font-bold">On which plant</span>
                    <select class="select w-full" bind:value={plantId}>
                        <option value={0}>one that is not listed yet</option>
                        {#each plants as plant (plant.id)}<option value={plant.id}>{plant.name}</option>{/each}
                    </select>
                </label>
            {/if}
            {#if plantId === 0}<QuickPlant bind:this={quick} {tolerance} onadded={() => undefined} alone={false} />{/if}
            <FormFoot form={sending} send={() => void open()} />
            <button
                class="btn btn-primary"
                disabled={sending.held || (plantId === 0 && !(quick?.named() ?? false))}
                onclick={() => void open()}>Open a case: {one.pestName.toLowerCase()}</button
            >
            {#each opened as each (each.id)}<a class="link" href={`/cases/${each.id}`}>{each.name}</a>{/each}
        </div>
    {/snippet}
</Waiting>
