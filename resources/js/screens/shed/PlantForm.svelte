<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { newSubmission } from '../../lib/submission';
    import { undo } from '../../lib/undo.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';

    interface Props {
        tolerance: Schemas['Catalogue']['tolerance'];
        /** The plant to correct; none for new ones. */
        plant?: Schemas['Plant'];
        onadded: () => void;
    }
    const { tolerance, plant, onadded }: Props = $props();
    const sending = new Sending();
    const was = untrack(() => plant);
    let names = $state(was?.name ?? '');
    let kind = $state(was?.kind ?? '');
    let leaf = $state(was?.tolerance ?? 'ordinary-leaf');
    let place = $state(was?.place ?? '');
    let size = $state(was?.size ?? '');
    let bearsNoOil = $state(was?.bearsNoOil ?? false);
    let indoors = $state(was?.indoors ?? false);
    let bloomFrom = $state(was?.bloomFrom ?? '');
    let bloomUntil = $state(was?.bloomUntil ?? '');
    let harvestOn = $state(was?.harvestOn ?? '');
    const looks = $derived(tolerance.find((one) => one.slug === leaf)?.looksLike ?? '');
    const all = $derived(
        names
            .split('\n')
            .map((name) => name.trim())
            .filter((name) => name !== ''),
    );
    /** Each name keeps its submission until all are in, so that a second try makes none twice. */
    const submissions: Record<string, string> = {};

    async function add(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const day = (text: string): string | null => (text === '' ? null : text);
        const dates = { bloomFrom: day(bloomFrom), bloomUntil: day(bloomUntil), harvestOn: day(harvestOn) };
        const said = { kind, tolerance: leaf, place, size, bearsNoOil, indoors, ...dates };
        if (plant !== undefined) {
            const name = names.trim();
            const body = { ...said, name, notes: plant.notes };
            const kept = await sending.send(() => taken(api.PUT('/api/plants/{id}', { params: { path: { id: plant.id } }, body })));
            if (kept !== null) {
                undo.changed('plants', plant.id, kept.name, `${kept.name} is corrected.`);
                onadded();
            }
            return;
        }
        const made = await sending.send(async () => {
            let last: Schemas['Plant'] | null = null;
            for (const name of all) {
                const submission = submissions[name] ?? newSubmission();
                submissions[name] = submission;
                last = await taken(api.POST('/api/plants', { body: { submission, name, ...said } }));
            }
            return last;
        });
        if (made !== null) {
            for (const name of all) {
                submissions[name] = newSubmission();
            }
            names = '';
            undo.made('plants', made.id, made.name);
            onadded();
        }
    }
</script>

{#snippet fields()}
    <form class="mt-3 grid gap-3" onsubmit={add}>
        {#if plant === undefined}
            <label class="grid gap-1"
                ><span><span class="font-bold">Name</span> <span class="quiet">(several: one a line)</span></span><textarea
                    class="textarea w-full"
                    rows="2"
                    required
                    bind:value={names}></textarea></label
            >
        {:else}
            <label class="grid gap-1"
                ><span class="font-bold">Name</span><input class="input w-full" maxlength="200" required bind:value={names} /></label
            >
        {/if}
        <label class="grid gap-1"
            ><span
                ><span class="font-bold">What it is</span>
                <span class="quiet">(like “tomato”: a leaf test holds for all of a kind)</span></span
            ><input class="input w-full" maxlength="200" bind:value={kind} /></label
        >
        <label class="grid gap-1">
            <span class="font-bold">What the spray lands on</span>
            <select class="select w-full" bind:value={leaf}>
                {#each tolerance as one (one.slug)}<option value={one.slug}>{one.name}</option>{/each}
            </select>
            <span class="quiet">{looks}</span>
        </label>
        <label class="grid gap-1"
            ><span><span class="font-bold">Where it stands</span> <span class="quiet">(the same words for plants side by side)</span></span
            ><input class="input w-full" maxlength="200" bind:value={place} /></label
        >
        <label class="grid gap-1"
            ><span><span class="font-bold">Pot or bed</span> <span class="quiet">(like “10 L pot” or “1 × 2 m”)</span></span><input
                class="input w-full"
                maxlength="200"
                bind:value={size}
            /></label
        >
        <label class="flex min-h-11 items-center gap-3"
            ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={indoors} /> Stands indoors</label
        >
        <label class="flex min-h-11 items-center gap-3"
            ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={bearsNoOil} /> Of a kind that bears no oil: maple, walnut,
            hickory, blue conifer, fern</label
        >
        <div class="grid gap-2 sm:grid-cols-3">
            <label class="grid gap-1"><span>In flower from</span><input type="date" class="input w-full" bind:value={bloomFrom} /></label>
            <label class="grid gap-1"><span>until</span><input type="date" class="input w-full" bind:value={bloomUntil} /></label>
            <label class="grid gap-1"><span>Picked on</span><input type="date" class="input w-full" bind:value={harvestOn} /></label>
        </div>
        <FaultNote fault={sending.fault} />
        <button class="btn btn-primary" disabled={sending.busy || all.length === 0}
            >{plant !== undefined ? 'Correct the plant' : all.length > 1 ? `Add ${all.length} plants` : 'Add the plant'}</button
        >
    </form>
{/snippet}

{#if plant === undefined}
    <details>
        <summary class="btn">Add a plant</summary>
        {@render fields()}
    </details>
{:else}
    {@render fields()}
{/if}
