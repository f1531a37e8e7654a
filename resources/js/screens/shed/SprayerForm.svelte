<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { typedNumber } from '../../lib/figures';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';

    const { units, onadded }: { units: Schemas['Catalogue']['volumeUnits']; onadded: () => void } = $props();
    const sending = new Sending();
    let name = $state('');
    let amount = $state('');
    let unit = $state<Schemas['Amount']['unit']>('L');

    async function add(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const holds = { amount: typedNumber(amount), unit };
        if (Number.isNaN(holds.amount)) {
            sending.fault = new Fault('', 'Write how much it holds as a number, like 1.5.');
            return;
        }
        const made = await sending.send((submission) => taken(api.POST('/api/sprayers', { body: { submission, name, holds } })));
        if (made !== null) {
            undo.made('sprayers', made.id, made.name);
            name = '';
            amount = '';
            onadded();
        }
    }
</script>

<details>
    <summary class="btn">Add a sprayer</summary>
    <form class="mt-3 grid gap-3" onsubmit={add}>
        <label class="grid gap-1"
            ><span class="font-bold">Name</span><input class="input w-full" maxlength="200" required bind:value={name} /></label
        >
        <div class="grid grid-cols-2 gap-2">
            <label class="grid gap-1"
                ><span class="font-bold">Holds</span><input
                    class="input numeral w-full"
                    inputmode="decimal"
                    placeholder="1.5"
                    required
                    bind:value={amount}
                /></label
            >
            <label class="grid gap-1">
                <span class="font-bold">Unit</span>
                <select class="select w-full" bind:value={unit}>
                    {#each units as one (one.code)}<option value={one.code}>{one.words}</option>{/each}
                </select>
            </label>
        </div>
        <FaultNote fault={sending.fault} />
        <button class="btn btn-primary" disabled={sending.busy}>Add</button>
    </form>
</details>
