<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { typedNumber } from '../../lib/figures';
    import { Sending } from '../../lib/sending.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';

    interface Props {
        kind: 'sprayer' | 'measure';
        units: Schemas['Catalogue']['volumeUnits'];
        onadded: () => void;
    }
    const { kind, units, onadded }: Props = $props();
    const sending = new Sending();
    let name = $state('');
    let amount = $state('');
    let unit = $state<Schemas['Amount']['unit']>(untrack(() => (kind === 'sprayer' ? 'L' : '[tbs_us]')));
    const words = $derived(kind === 'sprayer' ? { add: 'Add a sprayer', example: '1.5' } : { add: 'Add a spoon or cup', example: '0.5' });

    async function add(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const holds = { amount: typedNumber(amount), unit };
        if (Number.isNaN(holds.amount)) {
            sending.fault = new Fault('', `Write how much it holds as a number, like ${words.example}.`);
            return;
        }
        const made = await sending.send((submission) =>
            taken(api.POST(kind === 'sprayer' ? '/api/sprayers' : '/api/measures', { body: { submission, name, holds } })),
        );
        if (made !== null) {
            name = '';
            amount = '';
            onadded();
        }
    }
</script>

<details>
    <summary class="btn">{words.add}</summary>
    <form class="mt-3 grid gap-3" onsubmit={add}>
        <label class="grid gap-1"
            ><span class="font-bold">Name</span><input class="input w-full" maxlength="200" required bind:value={name} /></label
        >
        <div class="grid grid-cols-2 gap-2">
            <label class="grid gap-1"
                ><span class="font-bold">Holds</span><input
                    class="input numeral w-full"
                    inputmode="decimal"
                    placeholder={words.example}
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
        <button class="btn btn-primary" disabled={sending.busy}>{words.add}</button>
    </form>
</details>
