<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { typedNumber } from '../../lib/figures';
    import type { Household } from '../../lib/household.svelte';
    import { Latest } from '../../lib/latest.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import AmountField from '../../parts/AmountField.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import KitchenChoice from '../../parts/KitchenChoice.svelte';
    import Ways from './Ways.svelte';

    const { household, units }: { household: Household; units: Schemas['Catalogue']['volumeUnits'] } = $props();
    const examples = ['2 tbsp neem', '1 % paraffin', '30 ml/l neem', '1:100 soap', '25 % alcohol from 70 %', '2 to 4 tbsp neem per gallon'];
    let line = $state(examples[0] ?? '');
    let amount = $state('1');
    let unit = $state<Schemas['Amount']['unit']>('L');
    let of = $state<'water' | 'finished'>('water');
    let again = $state(0);
    const sums = new Latest<Schemas['Sums']>();
    const settling = new Sending();

    $effect(() => {
        const body = { line, make: { amount: typedNumber(amount), unit }, of };
        void again;
        if (Number.isNaN(body.make.amount)) {
            sums.drop(new Fault('', 'Write the volume as a number, like 1.5.'));
        } else {
            void sums.ask(() => taken(api.POST('/api/sums', { body })));
        }
    });

    async function settle(): Promise<void> {
        await settling.send((_, basedOn) => household.save(basedOn));
        again++;
    }
</script>

<div class="grid items-start gap-4 lg:grid-cols-2">
    <section class="dish grid gap-3" aria-label="What you say">
        <label class="grid gap-1"
            ><span class="font-bold">Say it any way: spoons, percent, parts, a label rate</span><input
                class="input w-full text-lg"
                spellcheck="false"
                maxlength="200"
                bind:value={line}
            /></label
        >
        <div class="flex flex-wrap gap-2" role="group" aria-label="Examples">
            {#each examples as one, i (i)}<button class="btn" onclick={() => (line = one)}>{one}</button>{/each}
        </div>
        <div class="grid grid-cols-[1fr_1fr] gap-2 sm:grid-cols-[1fr_1fr_1.4fr]">
            <div class="col-span-2"><AmountField label="In" {units} bind:amount bind:unit /></div>
            <label class="col-span-2 grid gap-1 sm:col-span-1"
                ><span class="font-bold">of</span><select class="select w-full" bind:value={of}
                    ><option value="water">water, it comes on top</option><option value="finished">finished spray, made up to it</option
                    ></select
                ></label
            >
        </div>
        <KitchenChoice bind:value={household.kitchen} onchosen={() => void settle()} />
        <FormFoot form={settling} send={() => void settle()} />
    </section>
    <section class="grid gap-4" aria-label="In every other way" aria-live="polite">
        <FaultNote fault={sums.fault} />
        {#if sums.value !== null && sums.fault === null}<Ways sums={sums.value} onanswer={(to) => (line = to)} />{/if}
    </section>
</div>
