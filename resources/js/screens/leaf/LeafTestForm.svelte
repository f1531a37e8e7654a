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
            new Form(`leaf-test-of-batch-${batch.key}`, {
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
        { value: 1, label: say('leaf/leaf-test-form.full-strength-only') },
        { value: 2, label: say('leaf/leaf-test-form.full-and-half'), note: say('leaf/leaf-test-form.thin-part-of-cup-with') },
        { value: 3, label: say('leaf/leaf-test-form.full-half-and-quarter'), note: say('leaf/leaf-test-form.thin-half-once-more-same') },
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
            ({ key, version }) =>
                taken(api.PUT('/api/leaf-tests/{id}', { params: { path: { id: key } }, body: { basedOn: version, ...body } })),
        );
        if (made !== null) {
            const what = say('leaf/leaf-test-form.leaf-test-on', { name: made.plant.name });
            undo.made('leaf-tests', made, what, '/plants', form.mended === null ? undefined : arrived(what, form.mended));
            form.clear();
            void navigate('/leaf-tests/:id', { params: { id: String(made.id) } });
        }
    }
</script>

<form class="dish grid gap-3" onsubmit={start}>
    <h2>{say('leaf/leaf-test-form.test-on-few-leaves-first')}</h2>
    <label class="grid gap-1">
        <span class="font-bold">{say('leaf/leaf-test-form.plant')}</span>
        <select name="plantId" class="select w-full" bind:value={form.values.plantId} required>
            <option value={0} disabled>{say('leaf/leaf-test-form.choose-plant')}</option>
            {#each plants.value ?? [] as plant (plant.id)}<option value={plant.id}>{plant.name}</option>{/each}
        </select>
    </label>
    <details>
        <summary class="link min-h-11 cursor-pointer py-2">{say('leaf/leaf-test-form.which-leaves-and-when')}</summary>
        <ul class="list-disc pl-5">
            {#each catalogue.leafPlan as line, i (i)}<li>{line}</li>{/each}
        </ul>
    </details>
    <Choice
        legend={say('leaf/leaf-test-form.leaves')}
        name="leaves"
        options={[
            { value: 3, label: say('leaf/leaf-test-form.three-one-old-one-new') },
            { value: 2, label: say('leaf/leaf-test-form.two') },
        ]}
        bind:value={form.values.leaves}
    />
    <label class="flex min-h-11 items-center gap-3"
        ><input name="controls" type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.controls} />
        {say('leaf/leaf-test-form.beside-them-one-with-water')}</label
    >
    <Choice
        legend={say('leaf/leaf-test-form.wait')}
        name="wait"
        options={catalogue.leafWaits.map((one) => ({
            value: one.hours as number,
            label: say('leaf/leaf-test-form.hours', { hours: one.hours }),
            note: one.words,
        }))}
        bind:value={form.values.wait}
    />
    <details>
        <summary class="link min-h-11 cursor-pointer py-2">{say('leaf/leaf-test-form.ladder-of-strengths-shape-of')}</summary>
        <div class="grid gap-3">
            <Choice legend={say('leaf/leaf-test-form.strengths')} name="steps" options={ladders} bind:value={form.values.steps} />
            <label class="grid gap-1"
                ><span class="font-bold">{say('leaf/leaf-test-form.shape-of-leaf')}</span><select
                    name="shape"
                    class="select w-full"
                    bind:value={form.values.shape}
                    >{#each catalogue.leafShapes as one (one.code)}<option value={one.code}>{one.words}</option>{/each}</select
                ></label
            >
            <label class="grid gap-1"
                ><span class="font-bold">{say('leaf/leaf-test-form.where-leaves-are')}</span><input
                    name="marks"
                    class="input w-full"
                    maxlength="500"
                    bind:value={form.values.marks}
                /></label
            >
            <When label={say('leaf/leaf-test-form.wetted')} bind:value={form.values.when} />
        </div>
    </details>
    <FormFoot {form} send={() => void start()} />
    <button class="btn btn-primary" disabled={form.held || form.values.plantId === 0}
        >{say('leaf/leaf-test-form.leaves-are-wet-start-waiting')}</button
    >
</form>
