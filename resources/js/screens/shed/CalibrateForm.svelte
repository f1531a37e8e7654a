<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { typedNumber } from '../../lib/figures';
    import { Form } from '../../lib/form.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';

    interface Props {
        measures: Schemas['Measure'][];
        ingredients: Schemas['Catalogue']['ingredients'];
        onkept: () => void;
    }
    const { measures, ingredients, onkept }: Props = $props();
    const form = new Form('calibration', { chosen: 0, count: '10', came: '', unit: 'mL', of: '' });
    const possible = $derived(measures.filter((one) => !one.retired && (one.kind === 'level' || one.kind === 'dropper')));
    let said = $state('');

    async function keep(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        said = '';
        const { chosen, count, came, unit, of } = form.values;
        const measure = possible.find((one) => one.id === chosen) ?? possible[0];
        if (measure === undefined) {
            return;
        }
        const body = { count: typedNumber(count), came: { amount: typedNumber(came), unit }, of: unit === 'mL' || of === '' ? null : of };
        if (Number.isNaN(body.count) || Number.isNaN(body.came.amount)) {
            form.fault = new Fault('', say('shed/calibrate-form.write-both-as-numbers-like'));
            return;
        }
        const kept = await form.send((_, basedOn) =>
            taken(
                api.PUT('/api/measures/{id}/calibrated', {
                    params: { path: { id: measure.key } },
                    body: { basedOn: basedOn(measure.version), ...body },
                }),
            ),
        );
        if (kept !== null) {
            said = `${kept.name}: ${kept.words}.`;
            form.clear();
            undo.changed(
                'measures',
                kept,
                kept.name,
                say('shed/calibrate-form.counts-as-from-now-on', { name: kept.name, words: kept.words }),
            );
            onkept();
        }
    }
</script>

{#if possible.length > 0}
    <details>
        <summary class="btn">{say('shed/calibrate-form.measure-one-of-them')}</summary>
        <form class="mt-3 grid gap-3" onsubmit={keep}>
            <p class="quiet">{say('shed/calibrate-form.fill-many-and-measure-them')}</p>
            <label class="grid gap-1"
                ><span class="font-bold">{say('shed/calibrate-form.which')}</span><select
                    name="chosen"
                    class="select w-full"
                    bind:value={form.values.chosen}
                    >{#each possible as one, i (one.id)}<option value={i === 0 ? 0 : one.id}>{one.name}</option>{/each}</select
                ></label
            >
            <div class="grid grid-cols-3 gap-2">
                <label class="grid gap-1"
                    ><span class="font-bold">{say('shed/calibrate-form.so-many')}</span><input
                        name="count"
                        class="input numeral w-full"
                        inputmode="numeric"
                        bind:value={form.values.count}
                    /></label
                >
                <label class="grid gap-1"
                    ><span class="font-bold">{say('shed/calibrate-form.came-to')}</span><input
                        name="came"
                        class="input numeral w-full"
                        inputmode="decimal"
                        bind:value={form.values.came}
                    /></label
                >
                <label class="grid gap-1"
                    ><span class="font-bold">{say('shed/calibrate-form.unit')}</span><select
                        name="unit"
                        class="select w-full"
                        bind:value={form.values.unit}
                        ><option value="mL">{say('shed/calibrate-form.ml')}</option><option value="g">g</option><option value="[oz_av]"
                            >{say('shed/calibrate-form.oz')}</option
                        ></select
                    ></label
                >
            </div>
            {#if form.values.unit !== 'mL'}
                <label class="grid gap-1"
                    ><span class="font-bold">{say('shed/calibrate-form.of')}</span><select
                        name="of"
                        class="select w-full"
                        bind:value={form.values.of}
                        ><option value="">{say('shed/calibrate-form.water')}</option>{#each ingredients as one (one.slug)}<option
                                value={one.slug}>{one.name}</option
                            >{/each}</select
                    ></label
                >
            {/if}
            <FormFoot {form} send={() => void keep()} />
            <button class="btn btn-primary" disabled={form.held}>{say('shed/calibrate-form.count-as-that')}</button>
        </form>
    </details>
    <p role="status">{said}</p>
{/if}
