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
        { value: 'full-sun', label: say('shed/plant-stand.full-sun') },
        { value: 'half-shade', label: say('shed/plant-stand.half-shade') },
        { value: 'shade', label: say('shed/plant-stand.shade') },
    ] as const;
</script>

<label class="grid gap-1"
    ><span
        ><span class="font-bold">{say('shed/plant-stand.where-stands')}</span>
        <span class="quiet">{say('shed/plant-stand.same-words-for-plants-side')}</span></span
    ><input name="place" class="input w-full" maxlength="200" bind:value={stand.place} /></label
>
<label class="grid gap-1"
    ><span class="font-bold">{say('shed/plant-stand.sun-there')}</span><select
        name="exposure"
        class="select w-full"
        bind:value={stand.exposure}
        >{#each exposures as one (one.value)}<option value={one.value}>{one.label}</option>{/each}</select
    ></label
>
<label class="grid gap-1"
    ><span
        ><span class="font-bold">{say('shed/plant-stand.pot-or-bed')}</span>
        <span class="quiet">{say('shed/plant-stand.like-10-l-pot-or')}</span></span
    ><input name="size" class="input w-full" maxlength="200" bind:value={stand.size} /></label
>
<label class="flex min-h-11 items-center gap-3"
    ><input name="indoors" type="checkbox" class="checkbox checkbox-primary" bind:checked={stand.indoors} />
    {say('shed/plant-stand.stands-indoors')}</label
>
{#if stand.indoors}
    <div class="grid gap-3 sm:grid-cols-2">
        <label class="grid gap-1"
            ><span class="font-bold">{say('shed/plant-stand.lamps-go-on-at')}</span><input
                name="lightsOn"
                type="time"
                class="input w-full"
                bind:value={stand.lightsOn}
            /></label
        >
        <label class="grid gap-1"
            ><span class="font-bold">{say('shed/plant-stand.lamps-go-off-at')}</span><input
                name="lightsOff"
                type="time"
                class="input w-full"
                bind:value={stand.lightsOff}
            /></label
        >
    </div>
{/if}
