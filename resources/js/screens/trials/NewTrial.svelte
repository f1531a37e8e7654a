<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { Loaded } from '../../lib/loaded.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';

    const { onsaved }: { onsaved: (made: Schemas['Trial']) => void } = $props();
    const asked = new URLSearchParams(location.search);
    const form = untrack(
        () =>
            new Form('new-trial', {
                name: '',
                pest: asked.get('pest') ?? 'aphids',
                one: asked.get('one') ?? '',
                other: asked.get('other') ?? 'Nothing',
                unit: 'leaf',
                units: asked.get('units') ?? '20',
                blind: false,
            }),
    );
    const pests = new Loaded(async () => (await taken(api.GET('/api/catalogue'))).pests);

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { name, pest, one, other, unit, units, blind } = form.values;
        const title = name.trim() === '' ? say('trials/new-trial.against', { one, other }) : name;
        const made = await form.send((submission) =>
            taken(
                api.POST('/api/trials', {
                    body: {
                        submission,
                        name: title.slice(0, 200),
                        pest,
                        one,
                        other,
                        unit: unit === 'plant' ? 'plant' : 'leaf',
                        units: Number(units),
                        blind,
                    },
                }),
            ),
        );
        if (made !== null) {
            undo.made('trials', made, say('trials/new-trial.trial', { name: made.name }));
            form.clear();
            onsaved(made);
        }
    }
</script>

<form class="grid max-w-2xl gap-3 sm:grid-cols-2" onsubmit={save} data-new-trial>
    <label class="grid gap-1"
        ><span>{say('trials/new-trial.one-side')}</span><input
            name="one"
            class="input w-full"
            required
            maxlength="200"
            bind:value={form.values.one}
        /></label
    >
    <label class="grid gap-1"
        ><span>{say('trials/new-trial.other-side')}</span><input
            name="other"
            class="input w-full"
            required
            maxlength="200"
            bind:value={form.values.other}
        /></label
    >
    <label class="grid gap-1"
        ><span>{say('trials/new-trial.against-2')}</span><select name="pest" class="select w-full" bind:value={form.values.pest}>
            {#each pests.value ?? [] as pest (pest.slug)}<option value={pest.slug}>{pest.name}</option>{/each}
        </select></label
    >
    <label class="grid gap-1"
        ><span>{say('trials/new-trial.what-marked')}</span><select name="unit" class="select w-full" bind:value={form.values.unit}
            ><option value="leaf">{say('trials/new-trial.leaves-or-tips')}</option><option value="plant"
                >{say('trials/new-trial.whole-plants')}</option
            ></select
        ></label
    >
    <label class="grid gap-1"
        ><span>{say('trials/new-trial.how-many-both-sides-together')}</span><input
            name="units"
            class="input numeral w-full"
            type="number"
            min="6"
            max="100"
            required
            bind:value={form.values.units}
        /></label
    >
    <label class="grid gap-1"
        ><span>{say('trials/new-trial.name-if-needs-one')}</span><input
            name="name"
            autocomplete="off"
            class="input w-full"
            maxlength="200"
            bind:value={form.values.name}
        /></label
    >
    <label class="flex min-h-11 items-center gap-3 sm:col-span-2"
        ><input name="blind" type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.blind} />
        {say('trials/new-trial.who-counts-not-told-which')}</label
    >
    <div class="sm:col-span-2">
        <FormFoot {form} send={() => void save()} />
        <button class="btn btn-primary" disabled={form.held}>{say('trials/new-trial.draw-lots')}</button>
    </div>
</form>
