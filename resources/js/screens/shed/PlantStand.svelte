<script lang="ts">
    import type { Schemas } from '../../lib/client';

    /** Where a plant stands: the sun there, the pot or bed, and the lamps of what is indoors, like 06:00. */
    interface Stand {
        place: string;
        exposure: Schemas['Plant']['exposure'];
        size: string;
        indoors: boolean;
        lightsOn: string;
        lightsOff: string;
    }

    let { stand = $bindable() }: { stand: Stand } = $props();
    const exposures = [
        { value: 'full-sun', label: 'Full sun' },
        { value: 'half-shade', label: 'Half shade' },
        { value: 'shade', label: 'Shade' },
    ] as const;
</script>

<label class="grid gap-1"
    ><span><span class="font-bold">Where it stands</span> <span class="quiet">(the same words for plants side by side)</span></span><input
        class="input w-full"
        maxlength="200"
        bind:value={stand.place}
    /></label
>
<label class="grid gap-1"
    ><span class="font-bold">Sun there</span><select class="select w-full" bind:value={stand.exposure}
        >{#each exposures as one (one.value)}<option value={one.value}>{one.label}</option>{/each}</select
    ></label
>
<label class="grid gap-1"
    ><span><span class="font-bold">Pot or bed</span> <span class="quiet">(like “10 L pot” or “1 × 2 m”)</span></span><input
        class="input w-full"
        maxlength="200"
        bind:value={stand.size}
    /></label
>
<label class="flex min-h-11 items-center gap-3"
    ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={stand.indoors} /> Stands indoors</label
>
{#if stand.indoors}
    <div class="grid gap-3 sm:grid-cols-2">
        <label class="grid gap-1"
            ><span class="font-bold">Lamps go on at</span><input type="time" class="input w-full" bind:value={stand.lightsOn} /></label
        >
        <label class="grid gap-1"
            ><span class="font-bold">Lamps go off at</span><input type="time" class="input w-full" bind:value={stand.lightsOff} /></label
        >
    </div>
{/if}
