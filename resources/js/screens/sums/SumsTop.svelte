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
    const examples = [
        say('sums/sums-top.2-tbsp-neem'),
        '1 % paraffin',
        '30 ml/l neem',
        '1:100 soap',
        say('sums/sums-top.25-alcohol-from-70'),
        say('sums/sums-top.2-to-4-tbsp-neem'),
    ];
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
            sums.drop(new Fault('', say('sums/sums-top.write-volume-as-number-like')));
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
    <section class="dish grid gap-3" aria-label={say('sums/sums-top.what-you-say')}>
        <label class="grid gap-1"
            ><span class="font-bold">{say('sums/sums-top.say-any-way-spoons-percent')}</span><input
                class="input w-full text-lg"
                spellcheck="false"
                maxlength="200"
                bind:value={line}
            /></label
        >
        <div class="flex flex-wrap gap-2" role="group" aria-label={say('sums/sums-top.examples')}>
            {#each examples as one, i (i)}<button class="btn" onclick={() => (line = one)}>{one}</button>{/each}
        </div>
        <div class="grid grid-cols-2 gap-2 sm:grid-cols-[1fr_1fr_1.4fr]">
            <div class="col-span-2"><AmountField label={say('sums/sums-top.in')} {units} bind:amount bind:unit /></div>
            <label class="col-span-2 grid gap-1 sm:col-span-1"
                ><span class="font-bold">{say('sums/sums-top.of')}</span><select class="select w-full" bind:value={of}
                    ><option value="water">{say('sums/sums-top.water-comes-on-top')}</option><option value="finished"
                        >{say('sums/sums-top.finished-spray-made-up-to')}</option
                    ></select
                ></label
            >
        </div>
        <KitchenChoice bind:value={household.kitchen} onchosen={() => void settle()} />
        <FormFoot form={settling} send={() => void settle()} />
    </section>
    <section class="grid gap-4" aria-label={say('sums/sums-top.in-every-other-way')} aria-live="polite">
        <FaultNote fault={sums.fault} />
        {#if sums.value !== null && sums.fault === null}<Ways sums={sums.value} onanswer={(to) => (line = to)} />{/if}
    </section>
</div>
