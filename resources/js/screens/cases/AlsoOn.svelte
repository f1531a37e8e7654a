<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import PlantChoice from '../../parts/PlantChoice.svelte';
    import Waiting from '../../parts/Waiting.svelte';

    /** The same pest on one more plant: a case of its own, for each plant is counted and sprayed by itself. */
    const { one }: { one: Schemas['Case'] } = $props();
    const sending = new Sending();
    const page = new Loaded(async () => {
        const [{ plants }, { tolerance }] = await Promise.all([taken(api.GET('/api/plants')), taken(api.GET('/api/catalogue'))]);
        return { plants: plants.filter((plant) => !plant.retired && plant.id !== one.plant.id), tolerance };
    });
    let choice = $state<{ isKnown: () => boolean; chosen: () => Promise<number> }>();
    let plantId = $state(0);
    let opened = $state.raw<{ id: number; name: string; plant: number }[]>([]);

    async function open(): Promise<void> {
        const on = (await choice?.chosen()) ?? 0;
        if (on === 0) {
            return;
        }
        const made = await sending.send((submission) =>
            taken(api.POST('/api/cases', { body: { submission, plantId: on, pest: one.pest } })),
        );
        if (made !== null) {
            opened = [...opened, { id: made.id, name: made.name, plant: on }];
            plantId = 0;
        }
    }
</script>

<Waiting of={page}>
    {#snippet children({ plants, tolerance })}
        <div class="grid gap-3 pb-3">
            {#key opened}<PlantChoice
                    bind:this={choice}
                    plants={plants.filter((plant) => !opened.some((each) => each.plant === plant.id))}
                    {tolerance}
                    bind:plantId
                />{/key}
            <FormFoot form={sending} send={() => void open()} />
            <button class="btn btn-primary" disabled={!(choice?.isKnown() ?? false) || sending.held} onclick={() => void open()}
                >{say('cases/also-on.open-case', { pestName: one.pestName.toLowerCase() })}</button
            >
            {#each opened as each (each.id)}<a class="link" href={`/cases/${each.id}`}>{each.name}</a>{/each}
        </div>
    {/snippet}
</Waiting>
