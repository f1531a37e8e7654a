<script lang="ts">
    import { forField } from '../../lib/time';

    /** How a plant is now, as far as it decides what it bears; days empty or like 2026-06-01. */
    interface Now {
        stage: string;
        stageOn: string;
        dryOn: string;
        movedOn: string;
        wounded: boolean;
        eatenRaw: boolean;
    }
    let { now = $bindable() }: { now: Now } = $props();
    const stages = [
        { value: 'bare', label: say('shed/plant-now.bare') },
        { value: 'budding', label: say('shed/plant-now.budding') },
        { value: 'in-leaf', label: say('shed/plant-now.in-leaf') },
        { value: 'in-bloom', label: say('shed/plant-now.in-bloom') },
        { value: 'seedling', label: say('shed/plant-now.seedling') },
    ];
    const [today = ''] = forField(new Date()).split('T');
</script>

<fieldset class="grid gap-2 sm:grid-cols-3" data-plant-now>
    <legend class="font-bold">{say('shed/plant-now.how-is-now')}</legend>
    <label class="grid gap-1"
        ><span>{say('shed/plant-now.stage')}</span><select
            name="stage"
            class="select w-full"
            bind:value={now.stage}
            onchange={() => (now.stageOn = now.stage === '' ? '' : today)}
            ><option value="">{say('shed/plant-now.not-said')}</option>{#each stages as one (one.value)}<option value={one.value}
                    >{one.label}</option
                >{/each}</select
        ></label
    >
    <label class="grid gap-1"
        ><span>{say('shed/plant-now.dry-on')}</span><input name="dryOn" type="date" class="input w-full" bind:value={now.dryOn} /></label
    >
    <label class="grid gap-1"
        ><span>{say('shed/plant-now.moved-on')}</span><input
            name="movedOn"
            type="date"
            class="input w-full"
            bind:value={now.movedOn}
        /></label
    >
</fieldset>
<label class="flex min-h-11 items-center gap-3"
    ><input name="wounded" type="checkbox" class="checkbox checkbox-primary" bind:checked={now.wounded} />
    {say('shed/plant-now.wounded')}</label
>
<label class="flex min-h-11 items-center gap-3"
    ><input name="eatenRaw" type="checkbox" class="checkbox checkbox-primary" bind:checked={now.eatenRaw} />
    {say('shed/plant-now.eaten-raw')}</label
>
