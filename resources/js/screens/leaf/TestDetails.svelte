<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Form } from '../../lib/form.svelte';
    import { atTime, forField } from '../../lib/time';
    import { instantOf, whenField } from '../../lib/when';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import History from '../../parts/History.svelte';
    import TakeBack from '../../parts/TakeBack.svelte';
    import Waiting from '../../parts/Waiting.svelte';

    interface Props {
        test: Schemas['LeafTest'];
        catalogue: Schemas['Catalogue'];
        onsaved: (test: Schemas['LeafTest']) => void;
    }
    const { test, catalogue, onsaved }: Props = $props();
    const form = untrack(
        () =>
            new Form(`leaf-test-${test.key}-${test.version}`, {
                batchId: test.batch.id,
                plantId: test.plant.id,
                leaves: test.leaves,
                waitHours: test.waitHours,
                marks: test.marks,
                when: whenField(test.appliedAt),
            }),
    );
    const lists = new Loaded(async () => {
        const [{ plants }, { batches }] = await Promise.all([taken(api.GET('/api/plants')), taken(api.GET('/api/batches'))]);
        return { plants, batches: batches.filter((one) => one.madeAt !== null) };
    });

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { batchId, plantId, leaves, waitHours, marks, when } = form.values;
        const appliedAt = instantOf(when, test.appliedAt) ?? test.appliedAt;
        const saved = await form.send((_, basedOn) =>
            taken(
                api.PUT('/api/leaf-tests/{id}', {
                    params: { path: { id: test.key } },
                    body: {
                        basedOn: basedOn(test.version),
                        batchId,
                        plantId,
                        leaves,
                        rungs: test.rungs,
                        controls: test.controls,
                        shape: test.shape,
                        marks,
                        waitHours: waitHours as 24 | 48 | 72,
                        appliedAt,
                    },
                }),
            ),
        );
        if (saved !== null) {
            form.clear();
            undo.changed('leaf-tests', saved, say('leaf/test-details.leaf-test'), say('leaf/test-details.leaf-test-corrected'));
            onsaved(saved);
        }
    }
</script>

<Waiting of={lists}>
    {#snippet children({ plants, batches })}
        <form class="grid gap-3" onsubmit={save}>
            <label class="grid gap-1">
                <span class="font-bold">{say('leaf/test-details.batch')}</span>
                <select name="batchId" class="select w-full" bind:value={form.values.batchId}>
                    {#each batches as one (one.id)}<option value={one.id}>{one.name}, {atTime(one.madeAt ?? one.startedAt)}</option>{/each}
                </select>
            </label>
            <label class="grid gap-1">
                <span class="font-bold">{say('leaf/test-details.plant')}</span>
                <select name="plantId" class="select w-full" bind:value={form.values.plantId}>
                    {#each plants as plant (plant.id)}<option value={plant.id}>{plant.name}</option>{/each}
                </select>
            </label>
            <div class="grid gap-3 sm:grid-cols-2">
                <label class="grid gap-1"
                    ><span class="font-bold">{say('leaf/test-details.leaves')}</span><select
                        name="leaves"
                        class="select w-full"
                        bind:value={form.values.leaves}
                        >{#each [...new Set([2, 3, test.leaves])] as n (n)}<option value={n}>{n}</option>{/each}</select
                    ></label
                >
                <label class="grid gap-1"
                    ><span class="font-bold">{say('leaf/test-details.wait')}</span><select
                        name="waitHours"
                        class="select w-full"
                        bind:value={form.values.waitHours}
                        >{#each catalogue.leafWaits as { hours } (hours)}<option value={hours}
                                >{say('leaf/test-details.hours', { hours })}</option
                            >{/each}</select
                    ></label
                >
                <label class="grid gap-1 sm:col-span-2"
                    ><span class="font-bold">{say('leaf/test-details.wetted')}</span><input
                        name="when"
                        type="datetime-local"
                        class="input w-full"
                        required
                        max={forField(new Date())}
                        bind:value={form.values.when}
                    /></label
                >
            </div>
            <label class="grid gap-1"
                ><span class="font-bold">{say('leaf/test-details.where-leaves-are')}</span><input
                    name="marks"
                    class="input w-full"
                    maxlength="500"
                    bind:value={form.values.marks}
                /></label
            >
            <FormFoot {form} send={() => void save()} />
            <button class="btn" disabled={form.held}>{say('leaf/test-details.correct-test')}</button>
        </form>
    {/snippet}
</Waiting>
<History kind="leaf-tests" id={test.id} changes={test.changes} />
<TakeBack
    kind="leaf-tests"
    of={test}
    what={say('leaf/test-details.leaf-test-on', { name: test.plant.name })}
    label={say('leaf/test-details.take-test-back')}
    leave="/plants"
/>
