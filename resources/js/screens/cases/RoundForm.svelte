<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { atTime, forField } from '../../lib/time';
    import FaultNote from '../../parts/FaultNote.svelte';
    import Verdicts from '../../parts/Verdicts.svelte';

    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
    const sending = new Sending();
    let batchId = $state(untrack(() => one.batches[0]?.id ?? 0));
    let handWork = $state(false);
    let notes = $state('');
    let when = $state('');
    const batch = $derived(one.batches.find((each) => each.id === batchId));
    const stopped = $derived(batch?.verdicts.some((verdict) => verdict.level === 'stop') ?? false);

    async function save(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const at = when === '' ? {} : { sprayedAt: new Date(when).toISOString() };
        const saved = await sending.send((submission) =>
            taken(
                api.POST('/api/cases/{id}/rounds', {
                    params: { path: { id: one.id } },
                    body: { submission, batchId, handWork, notes, ...at },
                }),
            ),
        );
        if (saved !== null) {
            notes = '';
            handWork = false;
            when = '';
            onsaved(saved);
        }
    }
</script>

<form class="dish grid gap-3" onsubmit={save}>
    <h2>Spray</h2>
    {#if one.batches.length === 0}
        <p>There is no mixed batch to spray.</p>
        <a class="btn" href={`/bench?case=${one.id}`}>Mix one</a>
    {:else}
        <label class="grid gap-1">
            <span class="font-bold">Which batch</span>
            <select class="select w-full" bind:value={batchId}>
                {#each one.batches as each (each.id)}<option value={each.id}
                        >{each.name}, {each.madeAt === null ? '' : atTime(each.madeAt)}</option
                    >{/each}
            </select>
        </label>
        {#if batch !== undefined}<Verdicts verdicts={batch.verdicts} />{/if}
        <label class="flex min-h-11 items-center gap-3"
            ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={handWork} /> Also pruned, wiped or washed down the same day</label
        >
        <label class="grid gap-1"
            ><span>When <span class="quiet">(empty: now)</span></span><input
                type="datetime-local"
                class="input w-full"
                max={forField(new Date())}
                bind:value={when}
            /></label
        >
        <label class="grid gap-1"
            ><span>Notes</span><textarea class="textarea w-full" rows="2" maxlength="1000" bind:value={notes}></textarea></label
        >
        <p class="quiet text-sm">Undersides first, from the bottom up. Shake between plants. No sun on wet leaves, no open flowers.</p>
        <FaultNote fault={sending.fault} />
        <button class={['btn', !stopped && 'btn-primary']} disabled={sending.busy || batch === undefined}
            >{stopped ? 'It was sprayed all the same' : 'It is sprayed'}</button
        >
    {/if}
</form>
