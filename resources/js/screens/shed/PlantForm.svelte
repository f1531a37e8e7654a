<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { newSubmission } from '../../lib/submission';
    import { arrived, undo } from '../../lib/undo.svelte';
    import { Form } from '../../lib/form.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import KindTells from './KindTells.svelte';
    import PlantDays from './PlantDays.svelte';
    import PlantNow from './PlantNow.svelte';
    import { saidOf, valuesOf } from './plant-values';
    import PlantStand from './PlantStand.svelte';

    interface Props {
        tolerance: Schemas['Catalogue']['tolerance'];
        /** The plant to correct; none for new ones. */
        plant?: Schemas['Plant'];
        onadded: () => void;
    }
    const { tolerance, plant, onadded }: Props = $props();
    const was = untrack(() => plant);
    const form = new Form(was === undefined ? 'plant' : `plant-${was.key}-${was.version}`, {
        ...valuesOf(was),
        /** Of several at once: the submission of each, and its name. */
        submissions: [] as string[],
    });
    const looks = $derived(tolerance.find((one) => one.slug === form.values.tolerance)?.looksLike ?? '');
    const all = $derived(
        form.values.names
            .split('\n')
            .map((name) => name.trim())
            .filter((name) => name !== ''),
    );

    async function add(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const said = saidOf(form.values);
        const correct = (key: string, basedOn: number, name: string): Promise<Schemas['Plant']> =>
            taken(
                api.PUT('/api/plants/{id}', { params: { path: { id: key } }, body: { basedOn, ...said, name, notes: plant?.notes ?? '' } }),
            );
        const kept = await form.send(async (submission, basedOn) => {
            if (plant !== undefined) {
                return correct(plant.key, basedOn(plant.version), form.values.names.trim());
            }
            let last: Schemas['Plant'] | null = null;
            for (const name of all) {
                // A name alone is the form itself, and may be typed anew; of several each is known by its name.
                const mine = all.length === 1 ? submission : submissionOf(name);
                last = await form.orCorrected(
                    () => taken(api.POST('/api/plants', { body: { submission: mine, name, ...said } })),
                    (earlier) => correct(earlier.key, earlier.version, name),
                );
            }
            return last;
        });
        if (kept === null) {
            return;
        }
        if (plant === undefined) {
            undo.made('plants', kept, kept.name, undefined, form.mended === null ? undefined : arrived(kept.name, form.mended));
        } else {
            undo.changed('plants', kept, kept.name, say('shed/plant-form.corrected', { name: kept.name }));
        }
        form.clear();
        onadded();
    }

    /** Each of several names keeps its submission until all are in, so that a second try makes none twice. */
    function submissionOf(name: string): string {
        const known = form.values.submissions.find((one) => one.endsWith(` ${name}`))?.split(' ', 1)[0];
        const submission = known ?? newSubmission();
        if (known === undefined) {
            form.values.submissions.push(`${submission} ${name}`);
        }
        return submission;
    }
</script>

{#snippet fields()}
    <form class="mt-3 grid gap-3" onsubmit={add}>
        {#if plant === undefined}
            <label class="grid gap-1"
                ><span
                    ><span class="font-bold">{say('shed/plant-form.name')}</span>
                    <span class="quiet">{say('shed/plant-form.several-one-line')}</span></span
                ><textarea name="names" class="textarea w-full" rows="2" required bind:value={form.values.names}></textarea></label
            >
        {:else}
            <label class="grid gap-1"
                ><span class="font-bold">{say('shed/plant-form.name')}</span><input
                    name="names"
                    class="input w-full"
                    maxlength="200"
                    required
                    bind:value={form.values.names}
                /></label
            >
        {/if}
        <label class="grid gap-1"
            ><span
                ><span class="font-bold">{say('shed/plant-form.what')}</span>
                <span class="quiet">{say('shed/plant-form.like-tomato-leaf-test-holds')}</span></span
            ><input name="kind" class="input w-full" maxlength="200" bind:value={form.values.kind} /></label
        >
        <KindTells bind:of={form.values} />
        <label class="grid gap-1"
            ><span
                ><span class="font-bold">{say('shed/plant-form.variety')}</span>
                <span class="quiet">{say('shed/plant-form.red-or-white')}</span></span
            ><input name="variety" class="input w-full" maxlength="200" bind:value={form.values.variety} /></label
        >
        <label class="grid gap-1">
            <span class="font-bold">{say('shed/plant-form.what-spray-lands-on')}</span>
            <select name="tolerance" class="select w-full" bind:value={form.values.tolerance}>
                {#each tolerance as one (one.slug)}<option value={one.slug}>{one.name}</option>{/each}
            </select>
            <span class="quiet">{looks}</span>
        </label>
        <PlantStand bind:stand={form.values} />
        <label class="flex min-h-11 items-center gap-3"
            ><input name="bearsNoOil" type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.bearsNoOil} />
            {say('shed/plant-form.of-kind-that-bears-no')}</label
        >
        <label class="flex min-h-11 items-center gap-3"
            ><input name="soapSensitive" type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.soapSensitive} />
            {say('shed/plant-form.of-kind-that-soap-marks')}</label
        >
        <label class="flex min-h-11 items-center gap-3"
            ><input name="rare" type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.rare} />
            {say('shed/plant-form.rare')}</label
        >
        <PlantNow bind:now={form.values} />
        <PlantDays bind:days={form.values} />
        <FormFoot {form} send={() => void add()} />
        <button class="btn btn-primary" disabled={form.held || all.length === 0}
            >{plant !== undefined
                ? say('shed/plant-form.correct-plant')
                : all.length > 1
                  ? say('shed/plant-form.add-plants', { all: all.length })
                  : say('shed/plant-form.add-plant')}</button
        >
    </form>
{/snippet}

{#if plant === undefined}
    <details>
        <summary class="btn">{say('shed/plant-form.add-plant-2')}</summary>
        {@render fields()}
    </details>
{:else}
    {@render fields()}
{/if}
