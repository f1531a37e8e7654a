<script lang="ts">
    import { rain, warmer, warmth, wind } from '../../lib/weather';
    import HourMark from './HourMark.svelte';
    import { clock, inWords, type Day } from './spans';

    interface Props {
        day: Day;
        zone: string;
        open: boolean;
        ontoggle: () => void;
    }
    const { day, zone, open, ontoggle }: Props = $props();
    const high = { good: 'h-9 bg-success', workable: 'half h-5', no: 'h-1 bg-base-300' };
    const figures = (hour: Day['spans'][number]['hours'][number]): string =>
        say('day/day-row.warmth-humid-delta-t', {
            warmth: warmth(Math.round(hour.celsius)),
            humidityPercent: Math.round(hour.humidityPercent),
            deltaT: warmer(hour.deltaT),
            wind: hour.windKmh === null ? '' : say('day/day-row.wind', { wind: wind(hour.windKmh) }),
            rain: hour.rainMm === null || hour.rainMm === 0 ? '' : say('day/day-row.rain', { rain: rain(hour.rainMm) }),
        });
</script>

<li class="border-base-300 border-b" data-day={day.name}>
    <button class="day grid w-full items-end gap-x-3 py-1 text-left" aria-expanded={open} onclick={ontoggle}>
        <span class="self-center font-bold" aria-hidden="true">{day.short}</span>
        <span class="sr-only">{inWords(day, zone)}</span>
        <span class="bars grid items-end gap-px" aria-hidden="true">
            {#each day.hours as hour, i (i)}<span class={['block', hour === null ? 'h-0' : high[hour.verdict]]} data-hour={hour?.verdict}
                ></span>{/each}
        </span>
    </button>
    {#if open}
        <ul class="mb-3 grid gap-2 pl-2">
            {#each day.spans as span (span.from)}
                <li class="grid gap-x-3 sm:grid-cols-[11rem_1fr]">
                    <span
                        ><span class="numeral">{clock(span.from, zone)}–{clock(span.to, zone)}</span>
                        <HourMark verdict={span.verdict} /></span
                    >
                    <span
                        >{#each span.reasons as reason, i (i)}<span class="block">{reason}</span>{/each}{#if span.reasons.length === 0}<span
                                class="block">{say('day/day-row.nothing-against')}</span
                            >{/if}{#if span.hours[0] !== undefined}<span class="quiet block text-sm">{figures(span.hours[0])}</span
                            >{/if}</span
                    >
                </li>
            {/each}
        </ul>
    {/if}
</li>

<style>
    .day {
        grid-template-columns: 6.2rem 1fr;
        min-height: 2.9rem;
    }
    .bars {
        grid-template-columns: repeat(24, minmax(0, 1fr));
        height: 2.25rem;
    }
    .half {
        background: repeating-linear-gradient(90deg, var(--color-warning) 0 3px, transparent 3px 5px);
    }
    @media print {
        button.day {
            display: grid !important;
        }
        .bars > span[data-hour] {
            border: 0.5px solid #000;
            print-color-adjust: exact;
        }
    }
</style>
