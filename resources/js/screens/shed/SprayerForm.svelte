<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { typedNumber } from '../../lib/figures';
    import { Form } from '../../lib/form.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import { arrived, undo } from '../../lib/undo.svelte';
    import AmountField from '../../parts/AmountField.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';

    interface Props {
        units: Schemas['Catalogue']['volumeUnits'];
        shapes: Schemas['Catalogue']['shapes'];
        onadded: () => void;
    }
    const { units, shapes, onadded }: Props = $props();
    const form = new Form('sprayer', { name: '', amount: '', unit: 'L' as string, shape: 'trigger-bottle' as string, weeds: false });
    /** What is asked once of every sprayer. */
    const weeds = new Sending();
    let held = '';

    async function tellWeeds(): Promise<void> {
        await weeds.send((submission) =>
            taken(api.POST('/api/sprayers/{id}/events', { params: { path: { id: held } }, body: { submission, kind: 'weed-killer' } })),
        );
    }

    async function add(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { name } = form.values;
        const shape = form.values.shape as Schemas['Sprayer']['shape'];
        const holds = { amount: typedNumber(form.values.amount), unit: form.values.unit as Schemas['Amount']['unit'] };
        if (Number.isNaN(holds.amount)) {
            form.fault = new Fault('/amount', say('shed/sprayer-form.write-how-much-holds-as'));
            return;
        }
        const made = await form.send(
            (submission) => taken(api.POST('/api/sprayers', { body: { submission, name, holds, shape } })),
            ({ key, version }) =>
                taken(
                    api.PUT('/api/sprayers/{id}', {
                        params: { path: { id: key } },
                        body: { basedOn: version, name, holds, shape, pours: [] },
                    }),
                ),
        );
        if (made !== null) {
            if (form.values.weeds) {
                held = made.key;
                await tellWeeds();
            }
            undo.made('sprayers', made, made.name, undefined, form.mended === null ? undefined : arrived(made.name, form.mended));
            form.clear();
            onadded();
        }
    }
</script>

<details>
    <summary class="btn">{say('shed/sprayer-form.another-sprayer')}</summary>
    <form class="mt-3 grid gap-3" onsubmit={add}>
        <label class="grid gap-1"
            ><span class="font-bold">{say('shed/sprayer-form.name')}</span><input
                name="name"
                autocomplete="off"
                class="input w-full"
                maxlength="200"
                required
                bind:value={form.values.name}
            /></label
        >
        <AmountField
            label={say('shed/sprayer-form.holds')}
            placeholder={say('shed/sprayer-form.1-5-or-half-gallon')}
            required
            {units}
            bind:amount={form.values.amount}
            bind:unit={form.values.unit}
        />
        <label class="grid gap-1"
            ><span class="font-bold">{say('shed/sprayer-form.it-is-a')}</span><select
                name="shape"
                class="select w-full"
                bind:value={form.values.shape}
                >{#each shapes as one (one.code)}<option value={one.code}>{one.words}</option>{/each}</select
            ></label
        >
        <label class="flex min-h-11 items-center gap-3"
            ><input name="weeds" type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.weeds} />
            {say('shed/sprayer-form.weed-killer-was-in-once')}</label
        >
        <FormFoot form={weeds} send={() => void tellWeeds()} />
        <FormFoot {form} send={() => void add()} />
        <button class="btn btn-primary" disabled={form.held}>{say('shed/sprayer-form.add')}</button>
    </form>
</details>
