<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import Choice from '../../parts/Choice.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import { navigate } from '../../routes';

    const { batch, catalogue }: { batch: Schemas['Batch']; catalogue: Schemas['Catalogue'] } = $props();
    const sending = new Sending();
    const plants = new Loaded(async () => (await taken(api.GET('/api/plants'))).plants.filter((plant) => !plant.retired));
    let plantId = $state(untrack(() => batch.plant?.id ?? 0));
    let wait = $state(untrack(() => catalogue.leafWaits[0] ?? 48));
    let leaves = $state(2);

    async function start(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const made = await sending.send((submission) =>
            taken(api.POST('/api/leaf-tests', { body: { submission, batchId: batch.id, plantId, leaves, waitHours: wait as 24 | 48 } })),
        );
        if (made !== null) {
            undo.made('leaf-tests', made.id, `The leaf test on ${made.plant.name}`, '/leaf-tests');
            void navigate('/leaf-tests/:id', { params: { id: String(made.id) } });
        }
    }
</script>

<form class="dish grid gap-3" onsubmit={start}>
    <h2>Test it on a few leaves first</h2>
    <p>Wet two or three leaves of one healthy plant, both sides. Wait, look, then decide.</p>
    <label class="grid gap-1">
        <span class="font-bold">Plant</span>
        <select class="select w-full" bind:value={plantId} required>
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
        bind:value={leaves}
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
        bind:value={wait}
    />
    <FaultNote fault={sending.fault} />
    <button class="btn btn-primary" disabled={sending.busy || plantId === 0}>The leaves are wet: start waiting</button>
</form>
