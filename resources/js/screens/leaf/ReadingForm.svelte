<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import Choice from '../../parts/Choice.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import LeafDrawing from './LeafDrawing.svelte';

    const {
        test,
        catalogue,
        onread,
    }: { test: Schemas['LeafTest']; catalogue: Schemas['Catalogue']; onread: (test: Schemas['LeafTest']) => void } = $props();
    const sending = new Sending();
    let reactions = $state<string[]>(untrack(() => Array.from({ length: test.leaves }, () => '')));
    let notes = $state('');
    const complete = $derived(reactions.every((reaction) => reaction !== ''));

    async function save(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const saved = await sending.send((submission) =>
            taken(
                api.POST('/api/leaf-tests/{id}/readings', {
                    params: { path: { id: test.id } },
                    body: { submission, reactions: reactions as Schemas['Reaction'][], notes },
                }),
            ),
        );
        if (saved !== null) {
            reactions = reactions.map(() => '');
            notes = '';
            onread(saved);
        }
    }
</script>

<form class="dish grid gap-4" onsubmit={save}>
    <h2>How do the leaves look?</h2>
    <div class="grid gap-4 sm:grid-cols-2">
        {#each reactions as reaction, n (n)}
            <div class="grid content-start gap-1">
                <LeafDrawing reaction={reaction === '' ? null : (reaction as Schemas['Reaction'])} />
                <Choice
                    legend={`Leaf ${n + 1}`}
                    name={`leaf-${n}`}
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
    <button class="btn btn-primary" disabled={!complete || sending.busy}>Save this look</button>
</form>
