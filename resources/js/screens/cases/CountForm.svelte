<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { typedNumber } from '../../lib/figures';
    import { Sending } from '../../lib/sending.svelte';
    import { forField } from '../../lib/time';
    import FaultNote from '../../parts/FaultNote.svelte';

    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
    const sending = new Sending();
    let text = $state('');
    let untreated = $state(false);
    let when = $state('');

    async function save(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const value = typedNumber(text);
        if (Number.isNaN(value)) {
            sending.fault = new Fault('', 'Write how many you counted as a number, like 40; 0 when there are none.');
            return;
        }
        const at = when === '' ? {} : { countedAt: new Date(when).toISOString() };
        const saved = await sending.send((submission) =>
            taken(api.POST('/api/cases/{id}/counts', { params: { path: { id: one.id } }, body: { submission, value, untreated, ...at } })),
        );
        if (saved !== null) {
            text = '';
            when = '';
            onsaved(saved);
        }
    }
</script>

<form class="dish grid gap-3" onsubmit={save}>
    <h2>Count</h2>
    <label class="grid gap-1">
        <span>How many {one.counted}? <span class="quiet">Living ones only, the same spots each time.</span></span>
        <input class="input numeral w-full text-xl" inputmode="decimal" name="count" bind:value={text} />
    </label>
    <label class="flex min-h-11 items-center gap-3"
        ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={untreated} /> Counted on a plant that is left unsprayed</label
    >
    <label class="grid gap-1"
        ><span>When <span class="quiet">(empty: now)</span></span><input
            type="datetime-local"
            class="input w-full"
            max={forField(new Date())}
            bind:value={when}
        /></label
    >
    <FaultNote fault={sending.fault} />
    <button class="btn btn-primary" disabled={sending.busy}>Save the count</button>
</form>
