<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Form } from '../../lib/form.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { navigate } from '../../routes';

    const form = new Form('case', { plantId: 0, pest: '', notes: '' });
    const lists = new Loaded(async () => ({
        plants: (await taken(api.GET('/api/plants'))).plants.filter((plant) => !plant.retired),
        pests: (await taken(api.GET('/api/catalogue'))).pests,
    }));

    async function open(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const made = await form.send((submission) => taken(api.POST('/api/cases', { body: { submission, ...form.values } })));
        if (made !== null) {
            form.clear();
            void navigate('/cases/:id', { params: { id: String(made.id) } });
        }
    }
</script>

<form class="dish grid gap-3" onsubmit={open}>
    <h2>Open a case</h2>
    <Waiting of={lists}>
        {#snippet children({ plants, pests })}
            {#if plants.length === 0}
                <p>Name the plant first.</p>
                <a class="btn btn-primary" href="/shed">Add a plant</a>
            {:else}
                <label class="grid gap-1">
                    <span class="font-bold">On which plant</span>
                    <select class="select w-full" bind:value={form.values.plantId} required>
                        <option value={0} disabled>Choose a plant</option>
                        {#each plants as plant (plant.id)}<option value={plant.id}>{plant.name}</option>{/each}
                    </select>
                </label>
                <label class="grid gap-1">
                    <span class="font-bold">What is on it</span>
                    <select class="select w-full" bind:value={form.values.pest} required>
                        <option value="" disabled>Choose a pest</option>
                        {#each pests as one (one.slug)}<option value={one.slug}>{one.name}</option>{/each}
                    </select>
                </label>
                <label class="grid gap-1"
                    ><span class="font-bold">Notes</span><textarea
                        class="textarea w-full"
                        rows="2"
                        maxlength="4000"
                        bind:value={form.values.notes}></textarea></label
                >
                <FormFoot {form} send={() => void open()} />
                <button class="btn btn-primary" disabled={form.held || form.values.plantId === 0 || form.values.pest === ''}
                    >Open the case</button
                >
            {/if}
        {/snippet}
    </Waiting>
</form>
