<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Form } from '../../lib/form.svelte';
    import { arrived, undo } from '../../lib/undo.svelte';
    import Choice from '../../parts/Choice.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import When from '../../parts/When.svelte';
    import { instantOf } from '../../lib/when';
    import { navigate } from '../../routes';

    const { batch, catalogue }: { batch: Schemas['Batch']; catalogue: Schemas['Catalogue'] } = $props();
    const form = untrack(
        () =>
            new Form(`leaf-test-of-batch-${batch.id}`, {
                plantId: batch.plant?.id ?? 0,
                wait: (catalogue.leafWaits[0]?.hours ?? 48) as number,
                leaves: 3,
                steps: 1,
                controls: true,
                shape: 'oval' as string,
                marks: '',
                when: '',
            }),
    );
    const plants = new Loaded(async () => (await taken(api.GET('/api/plants'))).plants.filter((plant) => !plant.retired));
    const ladders = [
        { value: 1, label: 'Full strength only' },
        { value: 2, label: 'Full and half', note: 'Thin a part of the cup with as much water.' },
        { value: 3, label: 'Full, half and a quarter', note: 'Thin the half once more the same way.' },
    ];

    async function start(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { plantId, leaves, wait, steps, controls, shape, marks, when } = form.values;
        const appliedAt = instantOf(when);
        const body = {
            batchId: batch.id,
            plantId,
            leaves,
            rungs: catalogue.rungs.slice(0, steps),
            controls,
            shape: shape as Schemas['LeafShape'],
            marks,
            waitHours: wait as 24 | 48 | 72,
            ...(appliedAt === undefined ? {} : { appliedAt }),
        };
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
    <label class="grid gap-1">
        <span class="font-bold">Plant</span>
        <select class="select w-full" bind:value={form.values.plantId} required>
            <option value={0} disabled>Choose a plant</option>
            {#each plants.value ?? [] as plant (plant.id)}<option value={plant.id}>{plant.name}</option>{/each}
        </select>
    </label>
    <details>
        <summary class="link min-h-11 cursor-pointer py-2">Which leaves, and when</summary>
        <ul class="list-disc pl-5">
            {#each catalogue.leafPlan as line, i (i)}<li>{line}</li>{/each}
        </ul>
    </details>
    <Choice
        legend="Leaves"
        name="leaves"
        options={[
            { value: 3, label: 'Three: one old, one new, one between' },
            { value: 2, label: 'Two' },
        ]}
        bind:value={form.values.leaves}
    />
    <label class="flex min-h-11 items-center gap-3"
        ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.controls} /> Beside them one with water only, and
        one untouched</label
    >
    <Choice
        legend="Wait"
        name="wait"
        options={catalogue.leafWaits.map((one) => ({ value: one.hours as number, label: `${one.hours} hours`, note: one.words }))}
        bind:value={form.values.wait}
    />
    <details>
        <summary class="link min-h-11 cursor-pointer py-2">A ladder of strengths, the shape of the leaf, where they are</summary>
        <div class="grid gap-3">
            <Choice legend="Strengths" name="steps" options={ladders} bind:value={form.values.steps} />
            <label class="grid gap-1"
                ><span class="font-bold">Shape of the leaf</span><select class="select w-full" bind:value={form.values.shape}
                    >{#each catalogue.leafShapes as one (one.code)}<option value={one.code}>{one.words}</option>{/each}</select
                ></label
            >
            <label class="grid gap-1"
                ><span class="font-bold">Where the leaves are</span><input
                    class="input w-full"
                    maxlength="500"
                    bind:value={form.values.marks}
                /></label
            >
            <When label="Wetted" bind:value={form.values.when} />
        </div>
    </details>
    <FormFoot {form} send={() => void start()} />
    <button class="btn btn-primary" disabled={form.held || form.values.plantId === 0}>The leaves are wet: start waiting</button>
</form>
