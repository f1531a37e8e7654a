<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { briefly } from '../../lib/verdicts';
    import LevelMark from '../../parts/LevelMark.svelte';
    import HourMark from './HourMark.svelte';
    import { untilDark } from './spans';

    interface Props {
        plants: Schemas['SprayDayPlant'][];
        shown: number | null;
        /** Whether each is sprayed with its own. */
        own: boolean;
        zone: string;
        onshow: (plant: number) => void;
    }
    const { plants, shown, own, zone, onshow }: Props = $props();
</script>

<ul class="mb-4" aria-label={say('day/plant-hours.plants')}>
    {#each plants as plant (plant.id)}
        <li
            class={['border-base-300 border-b border-l-8 py-2 pl-3', plant.id === shown ? 'border-l-accent' : 'border-l-transparent']}
            data-plant={plant.id}
        >
            <div class="flex flex-wrap items-baseline gap-x-3">
                <span class="hidden text-lg font-bold print:inline">{plant.name}</span>
                <button class="text-left text-lg font-bold underline" aria-pressed={plant.id === shown} onclick={() => onshow(plant.id)}
                    >{plant.name}</button
                >
                <p class="quiet text-sm">
                    {[own ? plant.spray : '', plant.troubles, plant.stands].filter((one) => one !== '').join(' · ')}
                </p>
            </div>
            <div>
                <p class="text-sm">
                    <span class="mr-1">{say('day/plant-hours.now')}</span><HourMark verdict={plant.verdict} />
                    {#if plant.verdict !== 'good'}{plant.because}{/if}
                </p>
                {#if plant.against !== ''}<p class="flex items-start gap-2" data-gate-says>
                        <LevelMark level="stop" /><span>{briefly(plant.against)}</span>
                    </p>{/if}
                {#if plant.windows.length === 0 && plant.against === ''}
                    <p class="font-bold">{say('day/plant-hours.no-hour-of-this-week')}</p>
                {:else}
                    <ol class="flex flex-wrap gap-x-4 gap-y-1">
                        {#each plant.windows as window (window.from)}<li class="flex gap-1.5" title={window.because}>
                                <HourMark verdict={window.verdict} silent /><span
                                    ><span class="sr-only">{window.verdict}: </span>{untilDark(window, zone)}</span
                                >
                            </li>{/each}
                    </ol>
                {/if}
            </div>
        </li>
    {/each}
</ul>
