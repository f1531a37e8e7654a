<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { newSubmission } from '../../lib/submission';
    import { Sending } from '../../lib/sending.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';

    const { tolerance, onadded }: { tolerance: Schemas['Catalogue']['tolerance']; onadded: () => void } = $props();
    const sending = new Sending();
    let names = $state('');
    let leaf = $state('ordinary-leaf');
    let place = $state('');
    let size = $state('');
    let bearsNoOil = $state(false);
    let indoors = $state(false);
    let bloomFrom = $state('');
    let bloomUntil = $state('');
    let harvestOn = $state('');
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
        const made = await sending.send(async () => {
            for (const name of all) {
                const submission = submissions[name] ?? newSubmission();
                submissions[name] = submission;
                await taken(
                    api.POST('/api/plants', { body: { submission, name, tolerance: leaf, place, size, bearsNoOil, indoors, ...dates } }),
                );
            }
            return true;
        });
        if (made !== null) {
            for (const name of all) {
                submissions[name] = newSubmission();
            }
            names = '';
            onadded();
        }
    }
</script>

<details>
    <summary class="btn">Add a plant</summary>
    <form class="mt-3 grid gap-3" onsubmit={add}>
        <label class="grid gap-1"
            ><span><span class="font-bold">Name</span> <span class="quiet">(several: one a line)</span></span><textarea
                class="textarea w-full"
                rows="2"
                required
                bind:value={names}></textarea></label
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
            >{all.length > 1 ? `Add ${all.length} plants` : 'Add the plant'}</button
        >
    </form>
</details>
