<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { atTime, forField } from '../../lib/time';
    import { WhenField } from '../../lib/when.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import Verdicts from '../../parts/Verdicts.svelte';

    interface Props {
        one: Schemas['Case'];
        /** The round to correct; none for a new one. */
        round?: Schemas['Case']['rounds'][number];
        onsaved: (next: Schemas['Case']) => void;
    }
    const { one, round, onsaved }: Props = $props();
    const sending = new Sending();
    let batchId = $state(untrack(() => round?.batch.id ?? one.batches[0]?.id ?? 0));
    let handWork = $state(untrack(() => round?.handWork ?? false));
    let notes = $state(untrack(() => round?.notes ?? ''));
    let when = $state.raw(untrack(() => new WhenField(round?.sprayedAt)));
    const batch = $derived(one.batches.find((each) => each.id === batchId));
    const stopped = $derived(batch?.verdicts.some((verdict) => verdict.level === 'stop') ?? false);
    /** What a round was sprayed with may be thrown away since. */
    const offered = $derived([
        ...one.batches.map((each) => ({
            id: each.id,
            words: [each.name, each.strength.join(', '), each.madeAt === null ? '' : atTime(each.madeAt)].filter(Boolean).join('; '),
        })),
        ...(round === undefined || one.batches.some((each) => each.id === round.batch.id)
            ? []
            : [{ id: round.batch.id, words: `${round.batch.name}, as it is written now` }]),
    ]);

    async function save(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const at = when.instant === undefined ? {} : { sprayedAt: when.instant };
        const saved = await sending.send((submission) =>
            round === undefined
                ? taken(
                      api.POST('/api/cases/{id}/rounds', {
                          params: { path: { id: one.id } },
                          body: { submission, batchId, handWork, notes, ...at },
                      }),
                  )
                : taken(
                      api.PUT('/api/rounds/{id}', {
                          params: { path: { id: round.id } },
                          body: { batchId, handWork, notes, ...at },
                      }),
                  ),
        );
        if (saved === null) {
            return;
        }
        if (round !== undefined) {
            undo.changed('rounds', round.id, 'The round', 'The round is corrected.');
        } else if (saved.saved !== null) {
            undo.made('rounds', saved.saved.id, 'The round');
            notes = '';
            handWork = false;
            when = new WhenField();
        }
        onsaved(saved);
    }
</script>

<form class={['grid gap-3', round === undefined && 'dish']} onsubmit={save}>
    {#if round === undefined}<h2>Spray</h2>{/if}
    {#if offered.length === 0}
        <p>There is no mixed batch to spray.</p>
        <a class="btn" href={`/bench?case=${one.id}`}>Mix one</a>
    {:else}
        <label class="grid gap-1">
            <span class="font-bold">Which batch</span>
            <select class="select w-full" bind:value={batchId}>
                {#each offered as each (each.id)}<option value={each.id}>{each.words}</option>{/each}
            </select>
        </label>
        {#if batch !== undefined && round === undefined}<Verdicts verdicts={batch.verdicts} />{/if}
        <label class="flex min-h-11 items-center gap-3"
            ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={handWork} /> Also pruned, wiped or washed down the same day</label
        >
        <label class="grid gap-1"
            ><span
                >When {#if round === undefined}<span class="quiet">(empty: now)</span>{/if}</span
            ><input type="datetime-local" class="input w-full" max={forField(new Date())} bind:value={when.text} /></label
        >
        <label class="grid gap-1"
            ><span>Notes</span><textarea class="textarea w-full" rows="2" maxlength="1000" bind:value={notes}></textarea></label
        >
        {#if round === undefined}<p class="quiet text-sm">
                Undersides first, from the bottom up. Shake between plants. No sun on wet leaves, no open flowers.
            </p>{/if}
        <FaultNote fault={sending.fault} />
        {#if round === undefined}
            <button class={['btn', !stopped && 'btn-primary']} disabled={sending.busy || batch === undefined}
                >{stopped ? 'It was sprayed all the same' : 'It is sprayed'}</button
            >
        {:else}
            <button class="btn btn-primary" disabled={sending.busy}>Correct the round</button>
        {/if}
    {/if}
</form>
