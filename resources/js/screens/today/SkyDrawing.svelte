<script lang="ts">
    import { degreesOf, warmth, wind } from '../../lib/weather';
    import type { Schemas } from '../../lib/client';
    import { clockOf } from '../../lib/time';
    import { SKY, skyOf } from './sky';

    /** The sun, warmth, rain and hours of a day; now stands in it. */
    const { day, now }: { day: Schemas['GardenDay']; now: string } = $props();
    let width = $state(360);
    const sky = $derived(skyOf(day, width));
    const clock = $derived((at: string): string => clockOf(at, day.zone));
    const id = $props.id();
    /** What is drawn, for whoever does not see it. */
    const told = $derived(
        [
            day.sun.rise === null || day.sun.set === null
                ? ''
                : say('today/garden-band.sun', { rise: clock(day.sun.rise), set: clock(day.sun.set) }),
            sky.coldest === null || sky.warmest === null
                ? ''
                : say('today/garden-band.degrees', {
                      low: warmth(Math.round(sky.coldest.celsius)),
                      high: warmth(Math.round(sky.warmest.celsius)),
                  }),
            ...sky.limits.map((one) => say('today/garden-band.limit', { spray: day.spray, warmth: warmth(one.celsius) })),
            sky.windy.length === 0 ? '' : say('today/garden-band.windy', { wind: wind(day.windLimit) }),
            ...day.windows.map((one) => one.because),
        ].join(' '),
    );
</script>

<div style:overflow="hidden" style:height={`${SKY}px`} bind:clientWidth={width}>
    <svg viewBox={`0 0 ${width} ${SKY}`} {width} height={SKY} role="img" aria-label={told} class="block">
        <defs
            ><pattern id={`${id}-half`} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"
                ><path d="M0 0V5" stroke="var(--color-success)" stroke-width="4" /></pattern
            ></defs
        >
        {#each day.windows as window (window.from)}
            {@const [from, to] = [sky.x(window.from), sky.x(window.to)]}
            <rect x={from} y={sky.ground - 44} width={Math.max(2, to - from)} height="44" fill="var(--color-success)" opacity="0.16" />
            <rect
                x={from}
                y={sky.ground}
                width={Math.max(2, to - from)}
                height="7"
                stroke={window.verdict === 'good' ? undefined : 'var(--color-success)'}
                fill={window.verdict === 'good' ? 'var(--color-success)' : `url(#${id}-half)`}
                data-hours={window.verdict}
            />
        {/each}
        {#each sky.rain as drop (drop.x)}<rect
                x={drop.x}
                y={sky.ground - drop.height}
                width={drop.width}
                height={drop.height}
                class="fill-info"
            />{/each}
        {#each sky.limits as limit (limit.celsius)}<path
                d={`M0 ${limit.y}H${width}`}
                class="stroke-base-content"
                stroke-width="1.5"
                stroke-dasharray="6 4"
                data-limit={limit.celsius}
            />{/each}
        {#each sky.windy as gust (gust.x)}<path
                d={`M${gust.x} 6h${gust.width}`}
                class="stroke-base-content"
                stroke-width="4"
                data-windy
            />{/each}
        <path d={sky.arc} stroke="var(--color-accent)" stroke-width="3" fill="none" />
        <path d={sky.celsius} class="stroke-base-content" stroke-width="2" fill="none" />
        {#each [sky.coldest, sky.warmest] as end, i (i)}{#if end !== null}<text
                    x={Math.min(width - 24, Math.max(24, sky.x(end.at)))}
                    y={sky.y(end.celsius) - 5}
                    text-anchor="middle"
                    font-size="16"
                    class="fill-base-content">{say('today/garden-band.celsius', { degrees: Math.round(degreesOf(end.celsius)) })}</text
                >{/if}{/each}
        <path d={`M0 ${sky.ground}H${width}`} class="stroke-base-300" stroke-width="1.5" />
        {#each day.windows.slice(0, 1) as window (window.from)}
            {#each [window.from, window.to] as end (end)}<text
                    x={Math.min(width - 24, Math.max(24, sky.x(end)))}
                    y={SKY - 4}
                    text-anchor="middle"
                    font-size="16"
                    class="fill-base-content">{clock(end)}</text
                >{/each}
        {/each}
        {#if day.windows.length === 0 && day.sun.rise !== null && day.sun.set !== null}
            {#each [day.sun.rise, day.sun.set] as end (end)}<text
                    x={sky.x(end)}
                    y={SKY - 6}
                    text-anchor="middle"
                    font-size="16"
                    class="fill-base-content">{clock(end)}</text
                >{/each}
        {/if}
        <rect x={sky.x(now) - 4} y="0" width="8" height={SKY} class="fill-secondary" />
    </svg>
</div>
