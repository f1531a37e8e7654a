<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { briefly } from '../../lib/verdicts';
    import LevelMark from '../../parts/LevelMark.svelte';
    import HourMark from './HourMark.svelte';
    import { untilDark } from './spans';
    import WeekStrip from './WeekStrip.svelte';

    interface Props {
        plants: Schemas['SprayDayPlant'][];
        shown: number | null;
        /** Whether each is sprayed with its own. */
        own: boolean;
        now: string;
        zone: string;
        onshow: (plant: number) => void;
    }
    const { plants, shown, own, now, zone, onshow }: Props = $props();
    const told = $derived(plants.find((one) => one.id === shown));
    /** Its week in a sentence, for whoever does not see the strip. */
    const inWords = (plant: Schemas['SprayDayPlant']): string =>
        plant.against !== ''
            ? briefly(plant.against)
            : plant.windows.length === 0
              ? say('day/plant-hours.no-hour-of-this-week')
              : plant.windows.map((one) => `${one.verdict}: ${untilDark(one, zone)}`).join('; ');
</script>

<div>
    <ul class="mb-3" aria-label={say('day/plant-hours.plants')}>
        {#each plants as plant, i (plant.id)}
            <li class={['plant', plant.id === shown && 'shown']} data-plant={plant.id}>
                <button class="name text-left" aria-pressed={plant.id === shown} onclick={() => onshow(plant.id)}
                    ><span class="block truncate leading-tight font-bold underline">{plant.name}</span><span
                        class="quiet block truncate text-sm leading-tight">{own ? plant.spray : plant.troubles}</span
                    ><span class="sr-only">{inWords(plant)}</span></button
                >
                {#if plant.against !== ''}<p class="flex items-center gap-2 text-sm" data-gate-says>
                        <LevelMark level="stop" /><span>{briefly(plant.against)}</span>
                    </p>{:else}<WeekStrip {plant} {now} {zone} named={i === 0} />{/if}
            </li>
        {/each}
    </ul>
    {#if told !== undefined}
        <section class="mb-4" aria-label={told.name} data-told>
            <p class="text-sm">
                <span class="mr-1">{say('day/plant-hours.now')}</span><HourMark verdict={told.verdict} />
                {#if told.verdict !== 'good'}{told.because}{/if}
            </p>
            <p class="quiet text-sm">{[told.troubles, told.stands].filter((one) => one !== '').join(' · ')}</p>
            {#if told.windows.length === 0 && told.against === ''}
                <p class="font-bold">{say('day/plant-hours.no-hour-of-this-week')}</p>
            {/if}
        </section>
    {/if}
</div>

<style>
    .plant {
        display: grid;
        grid-template-columns: 9.5rem minmax(0, 1fr);
        column-gap: 0.6rem;
        align-items: end;
        border-left: 6px solid transparent;
        padding-left: 0.4rem;
    }
    .shown {
        border-left-color: var(--color-accent);
    }
    .name {
        min-height: 2.75rem;
        min-width: 0;
    }
</style>
