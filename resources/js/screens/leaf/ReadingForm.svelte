<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { arrived, undo } from '../../lib/undo.svelte';
    import Choice from '../../parts/Choice.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import LeafDrawing from './LeafDrawing.svelte';

    interface Props {
        test: Schemas['LeafTest'];
        catalogue: Schemas['Catalogue'];
        /** The look to correct; none for a new one. */
        reading?: Schemas['LeafTest']['readings'][number];
        onread: (test: Schemas['LeafTest']) => void;
    }
    const { test, catalogue, reading, onread }: Props = $props();
    const form = untrack(
        () =>
            new Form(reading === undefined ? `look-at-test-${test.id}` : `look-${reading.id}-${reading.version}`, {
                reactions: Array.from({ length: test.leaves }, (_, n): string => reading?.reactions[n] ?? ''),
                notes: reading?.notes ?? '',
            }),
    );
    const complete = $derived(form.values.reactions.every((reaction) => reaction !== ''));

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const body = { reactions: form.values.reactions as Schemas['Reaction'][], notes: form.values.notes };
        const correct = (id: number, basedOn: number): Promise<Schemas['LeafTest']> =>
            taken(
                api.PUT('/api/readings/{id}', {
                    params: { path: { id } },
                    body: { basedOn, ...(reading === undefined ? {} : { readAt: reading.readAt }), ...body },
                }),
            );
        const saved = await form.send(
            (submission, basedOn) =>
                reading === undefined
                    ? taken(api.POST('/api/leaf-tests/{id}/readings', { params: { path: { id: test.id } }, body: { submission, ...body } }))
                    : correct(reading.id, basedOn(reading.version)),
            (earlier) => correct(earlier.id, earlier.version),
        );
        if (saved === null) {
            return;
        }
        const changed = saved.readings.find((each) => each.id === (reading?.id ?? form.mended?.id));
        if (changed !== undefined) {
            undo.changed(
                'readings',
                changed,
                'The look',
                form.mended === null ? 'The look is corrected.' : arrived('The look', form.mended),
            );
        } else if (saved.saved !== null) {
            undo.made('readings', saved.saved, 'The look');
        }
        form.clear();
        onread(saved);
    }
</script>

<form class={['grid gap-4', reading === undefined && 'dish']} onsubmit={save}>
    {#if reading === undefined}<h2>How do the leaves look?</h2>{/if}
    <div class="grid gap-4 sm:grid-cols-2">
        {#each form.values.reactions as reaction, n (n)}
            <div class="grid content-start gap-1">
                <LeafDrawing reaction={reaction === '' ? null : (reaction as Schemas['Reaction'])} />
                <Choice
                    legend={`Leaf ${n + 1}`}
                    name={`leaf-${reading?.id ?? 'new'}-${n}`}
                    options={catalogue.reactions.map((one) => ({ value: one.code, label: one.words }))}
                    bind:value={() => reaction, (next) => (form.values.reactions[n] = next)}
                />
            </div>
        {/each}
    </div>
    <label class="grid gap-1"
        ><span class="font-bold">Anything else seen</span><textarea
            class="textarea w-full"
            rows="2"
            maxlength="1000"
            bind:value={form.values.notes}></textarea></label
    >
    <FormFoot {form} send={() => void save()} />
    <button class="btn btn-primary" disabled={!complete || form.held}
        >{reading === undefined ? 'Save this look' : 'Correct this look'}</button
    >
</form>
