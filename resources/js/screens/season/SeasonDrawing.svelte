<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import CountMarks from '../cases/CountMarks.svelte';
    import { HIGH, WIDE } from '../cases/outlook';
    import type { Season } from './season.svelte';

    /** The season as one strip of time: what was counted, when was sprayed; at its end what there really was, and what another way would have left. */
    const { season, seen, other }: { season: Season; seen: Schemas['Season']; other: Schemas['SeasonWay'] | null } = $props();
    const most = $derived(Math.max(50, ...seen.counts.map((one) => one.count), ...(other?.truth ?? []).slice(0, 15)) * 2);
    const x = (day: number): number => (WIDE * day) / seen.days;
    const y = (count: number): number => HIGH - (HIGH * Math.min(Math.log1p(count), Math.log1p(most))) / Math.log1p(most);
    const line = (truth: number[]): string =>
        truth.map((count, day) => `${day === 0 ? 'M' : 'L'}${x(day).toFixed(1)} ${y(count).toFixed(1)}`).join('');
    const weeks = $derived(Array.from({ length: seen.days / 7 + 1 }, (_, week) => week * 7));
    const said = $derived(
        [
            ...seen.counts.map((one) => say('season/drawing.counted', { day: one.day, count: one.count })),
            ...season.rounds.map((day) => say('season/drawing.sprayed', { day })),
        ].join(' '),
    );
</script>

<svg viewBox={`-60 -12 ${WIDE + 66} ${HIGH + 52}`} class="w-full max-w-3xl" role="img" aria-label={said} data-season>
    <CountMarks {most} />
    {#if seen.end !== null}<path d={line(seen.end.truth)} class="stroke-primary" stroke-width="3.5" fill="none" data-truth />{:else}<rect
            x={x(season.day) - 3}
            y="-12"
            width="6"
            height={HIGH + 12}
            class="fill-secondary"
            data-now={season.day}
        />{/if}
    {#if other !== null}
        <path
            d={line(other.truth)}
            class="stroke-secondary"
            stroke-width="3.5"
            stroke-dasharray="10 5"
            fill="none"
            data-other={other.name}
        />
        {#each other.rounds as day (day)}<path
                d={`M${x(day)} ${HIGH}v-20`}
                class="stroke-secondary"
                stroke-width="3"
                stroke-dasharray="5 3"
                fill="none"
            />{/each}
    {/if}
    {#each season.rounds as day (day)}<path
            d={`M${x(day)} ${HIGH}v-34M${x(day) - 5} ${HIGH - 34}h10`}
            class={other === null ? 'stroke-secondary' : 'stroke-primary'}
            stroke-width="3"
            fill="none"
            data-round={day}
        />{/each}
    {#each seen.counts as one (one.day)}<circle
            cx={x(one.day)}
            cy={y(one.count)}
            r="7"
            class="fill-primary stroke-base-100"
            stroke-width="2"
        />
        <text x={x(one.day)} y={y(one.count) - 12} text-anchor="middle" class="fill-base-content text-[26px] font-bold sm:text-[15px]"
            >{one.count}</text
        >{/each}
    <path d={`M0 ${HIGH}H${WIDE}`} class="stroke-base-content" stroke-width="2" />
    {#each weeks as day (day)}<text
            x={x(day)}
            y={HIGH + 32}
            text-anchor={day === 0 ? 'start' : day === seen.days ? 'end' : 'middle'}
            class={['fill-base-content text-[26px] sm:text-[15px]', day % 14 === 0 ? '' : 'max-sm:hidden']}>{day}</text
        >{/each}
</svg>
