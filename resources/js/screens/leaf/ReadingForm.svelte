<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import Choice from '../../parts/Choice.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import LeafDrawing from './LeafDrawing.svelte';

    interface Props {
        test: Schemas['LeafTest'];
        catalogue: Schemas['Catalogue'];
        /** The look to correct; none for a new one. */
        reading?: Schemas['LeafTest']['readings'][number];
        onread: (test: Schemas['LeafTest']) => void;
    }
    const { test, catalogue, reading, onread }: Props = $props();
    const sending = new Sending();
    let reactions = $state<string[]>(untrack(() => Array.from({ length: test.leaves }, (_, n) => reading?.reactions[n] ?? '')));
    let notes = $state(untrack(() => reading?.notes ?? ''));
    const complete = $derived(reactions.every((reaction) => reaction !== ''));

    async function save(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const body = { reactions: reactions as Schemas['Reaction'][], notes };
        const saved = await sending.send((submission) =>
            reading === undefined
                ? taken(
                      api.POST('/api/leaf-tests/{id}/readings', {
                          params: { path: { id: test.id } },
                          body: { submission, ...body },
                      }),
                  )
                : taken(
                      api.PUT('/api/readings/{id}', {
                          params: { path: { id: reading.id } },
                          body: { readAt: reading.readAt, ...body },
                      }),
                  ),
        );
        if (saved === null) {
            return;
        }
        if (reading !== undefined) {
            undo.changed('readings', reading.id, 'The look', 'The look is corrected.');
        } else if (saved.saved !== null) {
            undo.made('readings', saved.saved.id, 'The look');
            reactions = reactions.map(() => '');
            notes = '';
        }
        onread(saved);
    }
</script>

<form class={['grid gap-4', reading === undefined && 'dish']} onsubmit={save}>
    {#if reading === undefined}<h2>How do the leaves look?</h2>{/if}
    <div class="grid gap-4 sm:grid-cols-2">
        {#each reactions as reaction, n (n)}
            <div class="grid content-start gap-1">
                <LeafDrawing reaction={reaction === '' ? null : (reaction as Schemas['Reaction'])} />
                <Choice
                    legend={`Leaf ${n + 1}`}
                    name={`leaf-${reading?.id ?? 'new'}-${n}`}
                    options={catalogue.reactions.map((one) => ({ value: one.code, label: one.words }))}
                    bind:value={() => reaction, (next) => (reactions[n] = next)}
                />
            </div>
        {/each}
    </div>
    <label class="grid gap-1"
        ><span class="font-bold">Anything else seen</span><textarea class="textarea w-full" rows="2" maxlength="1000" bind:value={notes}
        ></textarea></label
    >
    <FaultNote fault={sending.fault} />
    <button class="btn btn-primary" disabled={!complete || sending.busy}
        >{reading === undefined ? 'Save this look' : 'Correct this look'}</button
    >
</form>
