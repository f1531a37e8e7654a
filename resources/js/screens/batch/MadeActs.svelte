<script lang="ts">
    import { discard, end } from '../../lib/batches';
    import type { Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';

    const { batch, onchange }: { batch: Schemas['Batch']; onchange: (batch: Schemas['Batch']) => void } = $props();
    const sending = new Sending();

    async function leave(discarded: boolean, usedUp = false): Promise<void> {
        const saved = await sending.send(() => (discarded ? end(batch.key, usedUp) : discard(batch.key, false)));
        if (saved !== null) {
            onchange(saved);
        }
    }
</script>

<FaultNote fault={sending.fault} />
<div class="no-print flex flex-wrap gap-2">
    {#if batch.discardedAt === null}
        <button class="btn" disabled={sending.busy} onclick={() => void leave(true, true)}>{say('batch/made-batch.used-up')}</button>
        <button class="btn" disabled={sending.busy} onclick={() => void leave(true)}>{say('batch/made-batch.thrown-away')}</button>
    {:else}
        <button class="btn" disabled={sending.busy} onclick={() => void leave(false)}>{say('batch/made-batch.still-there')}</button>
    {/if}
    {#if batch.discardedAt === null}<a class="btn" href={`/labels/${batch.id}`}>{say('batch/made-batch.label-to-print')}</a>{/if}
    {#if batch.jar === null}<a class="btn" href={`/bench?again=${batch.id}`}>{say('batch/made-batch.mix-same-again')}</a>{/if}
    {#if batch.jar === null && batch.bottle.end === null}<a
            class="btn"
            href={`/bed?batch=${batch.id}${batch.case ? `&case=${batch.case.id}` : ''}`}>{say('batch/made-batch.into-bed-step-by-step')}</a
        >{/if}
</div>
