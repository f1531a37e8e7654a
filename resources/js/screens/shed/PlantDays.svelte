<script lang="ts">
    /** Days of a plant that decide what may be sprayed; each empty or like 2026-06-01. */
    interface Days {
        bloomFrom: string;
        bloomUntil: string;
        harvestOn: string;
        sulfurOn: string;
        copperOn: string;
        oilOn: string;
    }

    let { days = $bindable() }: { days: Days } = $props();
</script>

<div class="grid gap-2 sm:grid-cols-3">
    <label class="grid gap-1"
        ><span>{say('shed/plant-days.in-flower-from')}</span><input
            name="bloomFrom"
            type="date"
            class="input w-full"
            bind:value={days.bloomFrom}
        /></label
    >
    <label class="grid gap-1"
        ><span>{say('shed/plant-days.until')}</span><input
            name="bloomUntil"
            type="date"
            class="input w-full"
            bind:value={days.bloomUntil}
        /></label
    >
    <label class="grid gap-1"
        ><span>{say('shed/plant-days.picked-on')}</span><input
            name="harvestOn"
            type="date"
            class="input w-full"
            bind:value={days.harvestOn}
        /></label
    >
</div>
<fieldset class="grid gap-2 sm:grid-cols-3">
    <legend class="font-bold">{say('shed/plant-days.sprayed-on-before-out-of')}</legend>
    <label class="grid gap-1"
        ><span>{say('shed/plant-days.sulfur-on')}</span><input
            name="sulfurOn"
            type="date"
            class="input w-full"
            bind:value={days.sulfurOn}
        /></label
    >
    <label class="grid gap-1"
        ><span>{say('shed/plant-days.copper-on')}</span><input
            name="copperOn"
            type="date"
            class="input w-full"
            bind:value={days.copperOn}
        /></label
    >
    <label class="grid gap-1"
        ><span>{say('shed/plant-days.oil-on')}</span><input name="oilOn" type="date" class="input w-full" bind:value={days.oilOn} /></label
    >
</fieldset>
