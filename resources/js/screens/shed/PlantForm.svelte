<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';

    const { tolerance, onadded }: { tolerance: Schemas['Catalogue']['tolerance']; onadded: () => void } = $props();
    const sending = new Sending();
    let name = $state('');
    let leaf = $state('ordinary-leaf');
    let place = $state('');
    const looks = $derived(tolerance.find((one) => one.slug === leaf)?.looksLike ?? '');

    async function add(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const made = await sending.send((submission) =>
            taken(api.POST('/api/plants', { body: { submission, name, tolerance: leaf, place } })),
        );
        if (made !== null) {
            name = '';
            place = '';
            onadded();
        }
    }
</script>

<details>
    <summary class="btn">Add a plant</summary>
    <form class="mt-3 grid gap-3" onsubmit={add}>
        <label class="grid gap-1"
            ><span class="font-bold">Name</span><input class="input w-full" maxlength="200" required bind:value={name} /></label
        >
        <label class="grid gap-1">
            <span class="font-bold">What the spray lands on</span>
            <select class="select w-full" bind:value={leaf}>
                {#each tolerance as one (one.slug)}<option value={one.slug}>{one.name}</option>{/each}
            </select>
            <span class="quiet">{looks}</span>
        </label>
        <label class="grid gap-1"
            ><span class="font-bold">Where it stands</span><input class="input w-full" maxlength="200" bind:value={place} /></label
        >
        <FaultNote fault={sending.fault} />
        <button class="btn btn-primary" disabled={sending.busy}>Add the plant</button>
    </form>
</details>
