<script lang="ts">
    import type { Day } from './day.svelte';

    const { day }: { day: Day } = $props();
</script>

<div class="grid gap-3">
    <label class="grid gap-1"
        ><span class="font-bold">{say('bench/day-fields.plant')}</span><select class="select w-full" bind:value={day.season}
            ><option value="">{say('bench/day-fields.not-said')}</option><option value="growing">{say('bench/day-fields.in-leaf')}</option
            ><option value="dormant">{say('bench/day-fields.bare-and-dormant')}</option></select
        ></label
    >
    <label class="flex min-h-11 items-center gap-3"
        ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={day.inFlower} />
        {say('bench/day-fields.in-open-flower')}</label
    >
    <div class="grid grid-cols-[1fr_auto] gap-2">
        <label class="grid content-end gap-1"
            ><span class="font-bold">{say('bench/day-fields.air-in-shade')}</span><input
                class="input w-full"
                inputmode="decimal"
                bind:value={day.air}
            /></label
        >
        <label class="grid content-end gap-1"
            ><span class="font-bold">{say('bench/day-fields.c-or-f')}</span><select class="select" bind:value={day.airUnit}
                ><option>°C</option><option>°F</option></select
            ></label
        >
    </div>
    <div class="grid gap-3 sm:grid-cols-2">
        <label class="grid content-end gap-1"
            ><span class="font-bold">{say('bench/day-fields.picked-in-days')}</span><input
                class="input w-full"
                inputmode="decimal"
                bind:value={day.pickedInDays}
            /></label
        >
        <label class="grid content-end gap-1"
            ><span class="font-bold">{say('bench/day-fields.sprayed-every-days')}</span><input
                class="input w-full"
                inputmode="decimal"
                bind:value={day.everyDays}
            /></label
        >
    </div>
    <p class="quiet text-sm">{say('bench/day-fields.left-empty-interval-what-practice')}</p>
</div>
