<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';

    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
    const sending = new Sending();
    let conclusion = $state(untrack(() => one.conclusion));

    async function save(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const saved = await sending.send(() =>
            taken(
                api.PUT('/api/cases/{id}/closed', {
                    params: { path: { id: one.id } },
                    body: { closed: one.closedAt === null, conclusion },
                }),
            ),
        );
        if (saved !== null) {
            onsaved(saved);
        }
    }
</script>

<form class="dish grid gap-3" onsubmit={save}>
    <h2>{one.closedAt === null ? 'Close the case' : 'The case is closed'}</h2>
    {#if one.closedAt === null}
        <p class="quiet">One quiet week is not the end: eggs laid on the first day may hatch weeks later.</p>
        <label class="grid gap-1"
            ><span>What came of it</span><textarea class="textarea w-full" rows="2" maxlength="1000" bind:value={conclusion}
            ></textarea></label
        >
    {/if}
    <FaultNote fault={sending.fault} />
    <button class="btn" disabled={sending.busy}>{one.closedAt === null ? 'Close it' : 'Open it again'}</button>
</form>
