<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Form } from '../../lib/form.svelte';
    import { arrived, undo } from '../../lib/undo.svelte';
    import Choice from '../../parts/Choice.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import { navigate } from '../../routes';

    const { batch, catalogue }: { batch: Schemas['Batch']; catalogue: Schemas['Catalogue'] } = $props();
    const form = untrack(
        () => new Form(`leaf-test-of-batch-${batch.id}`, { plantId: batch.plant?.id ?? 0, wait: catalogue.leafWaits[0] ?? 48, leaves: 2 }),
    );
    const plants = new Loaded(async () => (await taken(api.GET('/api/plants'))).plants.filter((plant) => !plant.retired));

    async function start(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { plantId, leaves, wait } = form.values;
        const body = { batchId: batch.id, plantId, leaves, waitHours: wait as 24 | 48 };
        const made = await form.send(
            (submission) => taken(api.POST('/api/leaf-tests', { body: { submission, ...body } })),
            ({ id, version }) => taken(api.PUT('/api/leaf-tests/{id}', { params: { path: { id } }, body: { basedOn: version, ...body } })),
        );
        if (made !== null) {
            const what = `The leaf test on ${made.plant.name}`;
            undo.made('leaf-tests', made, what, '/plants', form.mended === null ? undefined : arrived(what, form.mended));
            form.clear();
            void navigate('/leaf-tests/:id', { params: { id: String(made.id) } });
        }
    }
</script>

<form class="dish grid gap-3" onsubmit={start}>
    <h2>Test it on a few leaves first</h2>
    <p>Wet two or three leaves of one healthy plant, both sides. Wait, look, then decide.</p>
    <label class="grid gap-1">
        <span class="font-bold">Plant</span>
        <select class="select w-full" bind:value={form.values.plantId} required>
            <option value={0} disabled>Choose a plant</option>
            {#each plants.value ?? [] as plant (plant.id)}<option value={plant.id}>{plant.name}</option>{/each}
        </select>
    </label>
    <Choice
        legend="Leaves"
        name="leaves"
        options={[
            { value: 2, label: 'Two' },
            { value: 3, label: 'Three' },
        ]}
        bind:value={form.values.leaves}
    />
    <Choice
        legend="Wait"
        name="wait"
        options={catalogue.leafWaits.map((hours) => ({
            value: hours,
            label: `${hours} hours`,
            note:
                hours === 48 ? 'What most do: strong sun shows its harm only after a day or two.' : 'A day sooner; slow burns are missed.',
        }))}
        bind:value={form.values.wait}
    />
    <FormFoot {form} send={() => void start()} />
    <button class="btn btn-primary" disabled={form.held || form.values.plantId === 0}>The leaves are wet: start waiting</button>
</form>
