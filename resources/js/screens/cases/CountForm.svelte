<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { typedNumber } from '../../lib/figures';
    import { Sending } from '../../lib/sending.svelte';
    import { forField } from '../../lib/time';
    import { WhenField } from '../../lib/when.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';

    interface Props {
        one: Schemas['Case'];
        /** The count to correct; none for a new one. */
        count?: Schemas['Case']['counts'][number];
        onsaved: (next: Schemas['Case']) => void;
    }
    const { one, count, onsaved }: Props = $props();
    const sending = new Sending();
    let text = $state(untrack(() => (count === undefined ? '' : String(count.value))));
    let untreated = $state(untrack(() => count?.untreated ?? false));
    let when = $state.raw(untrack(() => new WhenField(count?.countedAt)));

    async function save(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const value = typedNumber(text);
        if (Number.isNaN(value)) {
            sending.fault = new Fault('', 'Write how many you counted as a number, like 40; 0 when there are none.');
            return;
        }
        const at = when.instant === undefined ? {} : { countedAt: when.instant };
        const said = `The count of ${value} ${one.counted}`;
        const saved = await sending.send((submission) =>
            count === undefined
                ? taken(
                      api.POST('/api/cases/{id}/counts', {
                          params: { path: { id: one.id } },
                          body: { submission, value, untreated, ...at },
                      }),
                  )
                : taken(
                      api.PUT('/api/counts/{id}', {
                          params: { path: { id: count.id } },
                          body: { notes: count.notes, value, untreated, ...at },
                      }),
                  ),
        );
        if (saved === null) {
            return;
        }
        if (count !== undefined) {
            undo.changed('counts', count.id, said, `${said} is corrected.`);
        } else if (saved.saved !== null) {
            undo.made('counts', saved.saved.id, said);
            text = '';
            when = new WhenField();
        }
        onsaved(saved);
    }
</script>

<form class={['grid gap-3', count === undefined && 'dish']} onsubmit={save}>
    {#if count === undefined}<h2>Count</h2>{/if}
    <label class="grid gap-1">
        <span>How many {one.counted}? <span class="quiet">Living ones only, the same spots each time.</span></span>
        <input class="input numeral w-full text-xl" inputmode="decimal" name="count" bind:value={text} />
    </label>
    <label class="flex min-h-11 items-center gap-3"
        ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={untreated} /> Counted on a plant that is left unsprayed</label
    >
    <label class="grid gap-1"
        ><span
            >When {#if count === undefined}<span class="quiet">(empty: now)</span>{/if}</span
        ><input type="datetime-local" class="input w-full" max={forField(new Date())} bind:value={when.text} /></label
    >
    <FaultNote fault={sending.fault} />
    <button class="btn btn-primary" disabled={sending.busy}>{count === undefined ? 'Save the count' : 'Correct the count'}</button>
</form>
