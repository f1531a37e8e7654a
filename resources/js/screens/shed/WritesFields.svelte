<script lang="ts">
    import type { Household, Habits } from '../../lib/household.svelte';

    const { household }: { household: Household } = $props();

    const all: { key: keyof Habits; name: string; choices: [string, string][] }[] = [
        {
            key: 'clock',
            name: say('shed/writes-fields.hours'),
            choices: [
                ['24', '17:00'],
                ['12', '5:00 pm'],
            ],
        },
        {
            key: 'dates',
            name: say('shed/writes-fields.days'),
            choices: [
                ['day-first', say('shed/writes-fields.day-first')],
                ['month-first', say('shed/writes-fields.month-first')],
            ],
        },
        {
            key: 'decimal',
            name: say('shed/writes-fields.tenths'),
            choices: [
                ['point', '1.5'],
                ['comma', '1,5'],
            ],
        },
        {
            key: 'warmth',
            name: say('shed/writes-fields.warmth'),
            choices: [
                ['C', '°C'],
                ['F', '°F'],
            ],
        },
        {
            key: 'wind',
            name: say('shed/writes-fields.wind'),
            choices: [
                ['km/h', 'km/h'],
                ['mph', 'mph'],
            ],
        },
        {
            key: 'rain',
            name: say('shed/writes-fields.rain'),
            choices: [
                ['mm', 'mm'],
                ['in', say('shed/writes-fields.inches')],
            ],
        },
    ];
</script>

<fieldset class="grid gap-2">
    <legend class="py-2 font-bold">{say('shed/writes-fields.how-it-is-written')}</legend>
    <div class="grid grid-cols-2 gap-2 sm:grid-cols-3">
        {#each all as one (one.key)}
            <label class="grid gap-1"
                ><span>{one.name}</span><select
                    class="select w-full"
                    bind:value={() => household.writes[one.key], (chosen) => household.write(one.key, chosen)}
                    >{#each one.choices as [value, words] (value)}<option {value}>{words}</option>{/each}</select
                ></label
            >
        {/each}
    </div>
</fieldset>
