<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { atTime, onShortDay } from '../../lib/time';
    import Counts from './Counts.svelte';
    import { BOTTOM, curveOf, HEIGHT, LEFT } from './curve';

    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
    /** One unit of the drawing is one px, so that its text has the size of text. */
    let width = $state(480);
    const curve = $derived(curveOf(one, width));
    /** Days under the curve, each once. */
    const ticks = $derived(
        curve.x
            .ticks(Math.max(2, Math.round(width / 180)))
            .filter((tick, i, all) => i === 0 || onShortDay(tick) !== onShortDay(all[i - 1] ?? tick)),
    );
    /** The curve as a sentence. */
    const story = $derived.by(() => {
        const treated = one.counts.filter((count) => !count.untreated);
        const [first, last] = [treated[0], treated.at(-1)];
        const rounds =
            one.rounds.length === 0
                ? say('cases/count-curve.not-sprayed-yet')
                : one.rounds.length === 1
                  ? say('cases/count-curve.one-round')
                  : say('cases/count-curve.rounds', { rounds: one.rounds.length });
        if (first === undefined || last === undefined) {
            return say('cases/count-curve.no-count-of-sprayed-plant', { rounds });
        }
        return first === last
            ? say('cases/count-curve.on', { first: first.value, countedAt: onShortDay(first.countedAt), rounds })
            : say('cases/count-curve.from-on-to-on', {
                  first: first.value,
                  countedAt: onShortDay(first.countedAt),
                  last: last.value,
                  countedAt2: onShortDay(last.countedAt),
                  rounds,
              });
    });
    const compared = $derived(one.counts.some((count) => count.untreated));
</script>

<section class="dish" aria-label={say('cases/count-curve.counts')} bind:clientWidth={width}>
    <h2>{say('cases/count-curve.counts')}</h2>
    <p class="quiet">{one.counted}</p>
    {#if one.counts.length === 0}
        <p class="mt-2">{say('cases/count-curve.nothing-counted-yet-count-before')}</p>
    {:else}
        <svg viewBox={`0 0 ${width} ${HEIGHT}`} class="my-2 w-full" style:height={`${HEIGHT}px`} role="img" aria-label={story}>
            {#each curve.y.ticks(4) as tick (tick)}
                <path d={`M${LEFT} ${curve.y(tick)}H${width - 8}`} class="stroke-base-300" stroke-width="1.5" />
                <text x={LEFT - 8} y={curve.y(tick) + 5} text-anchor="end" font-size="16" class="fill-base-content font-mono">{tick}</text>
            {/each}
            {#each ticks as tick (tick.getTime())}
                <text x={curve.x(tick)} y={HEIGHT - BOTTOM + 24} text-anchor="middle" font-size="16" class="fill-base-content"
                    >{onShortDay(tick)}</text
                >
            {/each}
            {#each one.rounds as round, i (round.id)}
                {@const at = curve.x(new Date(round.sprayedAt))}
                <path d={`M${at} 22V${HEIGHT - BOTTOM}`} class="stroke-secondary" stroke-width="2.5" stroke-dasharray="3 5" />
                <path d={`M${at} 24l-8 -14h16z`} class="fill-secondary" />
                <text x={at + 11} y="20" font-size="16" font-weight="700" class="fill-secondary">{i + 1}</text>
            {/each}
            <path d={curve.untreated} class="stroke-base-content" fill="none" stroke-width="2.5" stroke-dasharray="8 5" />
            <path d={curve.treated} class="stroke-primary" fill="none" stroke-width="4" stroke-linejoin="round" />
            {#each one.counts as count (count.id)}
                {@const at = curve.x(new Date(count.countedAt))}
                {#if count.untreated}
                    <rect
                        x={at - 6}
                        y={curve.y(count.value) - 6}
                        width="12"
                        height="12"
                        class="fill-base-100 stroke-base-content"
                        stroke-width="2.5"
                    />
                {:else}
                    <circle cx={at} cy={curve.y(count.value)} r="7" class="fill-primary stroke-base-100" stroke-width="2" />
                {/if}
            {/each}
        </svg>
        <p>{story}.</p>
        <p class="quiet text-sm">
            {compared ? say('cases/count-curve.dot-sprayed-plant-open-square') : say('cases/count-curve.dot-count-numbered-wedge-round')}
        </p>
        <table class="mt-2 hidden w-full text-left print:table">
            <thead
                ><tr
                    ><th scope="col">{say('cases/count-curve.counted')}</th><th scope="col">{say('cases/count-curve.sprayed-plant')}</th><th
                        scope="col">{say('cases/count-curve.unsprayed-plant')}</th
                    ></tr
                ></thead
            >
            <tbody>
                {#each one.counts as count (count.id)}<tr class="border-base-300 border-t"
                        ><td>{atTime(count.countedAt)}</td><td>{count.untreated ? '' : count.value}</td><td
                            >{count.untreated ? count.value : ''}</td
                        ></tr
                    >{/each}
            </tbody>
        </table>
        <div class="no-print"><Counts {one} {onsaved} /></div>
    {/if}
</section>
