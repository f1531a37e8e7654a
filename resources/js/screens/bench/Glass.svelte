<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { percent, short } from '../../lib/figures';

    interface Props {
        emulsion: Schemas['Plan']['emulsion'];
        /** The order that it is mixed in. */
        order: Schemas['RecipeDocument']['order'];
        hand: { coarseness: number; readings: number };
    }
    const { emulsion, order, hand }: Props = $props();
    const again = $derived(emulsion.orders.find((one) => one.order === order)?.words ?? '');
    let moment = $state(3);
    const at = $derived(emulsion.glass[Math.min(moment, emulsion.glass.length - 1)]);
    const share = $derived(at?.tube_share ?? 1);
    /** A layer of a tenth of a millimetre must be seen on the drawing: it is drawn ten times as thick. */
    const layer = $derived(Math.min(60, ((at?.on_top_mm ?? 0) * 10 * 120) / emulsion.glass_height_mm));

    function spoken(seconds: number): string {
        return seconds < 60 ? `${seconds} s` : seconds < 3600 ? say('bench/glass.min', { seconds: seconds / 60 }) : `${seconds / 3600} h`;
    }
</script>

<section aria-label={say('bench/glass.how-long-holds')}>
    <p>
        {say('bench/glass.shake-again-every')} <strong data-reshake>{again}</strong>{say('bench/glass.unshaken-last-tenth-would-hold', {
            last_tenth_oil_percent: percent(emulsion.last_tenth_oil_percent),
        })}
    </p>
    <div class="mt-2 flex items-center gap-4">
        <svg viewBox="0 0 90 150" class="h-40 shrink-0" aria-hidden="true" fill="none" stroke="currentColor" stroke-width="3">
            <path d="M15 10v125q0 8 8 8h44q8 0 8-8V10" />
            <rect x="17" y="20" width="56" height="120" class="fill-info" stroke="none" opacity={0.12 + 0.3 * share} />
            <rect x="17" y="20" width="56" height={layer} class="fill-accent" stroke="none" />
            <path d="M17 20h56" />
            <path d="M45 2v126" stroke-dasharray="5 5" />
            <path d="M39 128h12" />
        </svg>
        <div class="grid flex-1 gap-2">
            <label class="grid gap-1">
                <span
                    ><strong>{say('bench/glass.after', { seconds: spoken(at?.seconds ?? 0) })}</strong>
                    {say('bench/glass.in-glass-cm-high', { glass_height_mm: emulsion.glass_height_mm / 10 })}</span
                >
                <input
                    type="range"
                    class="w-full"
                    min="0"
                    max={emulsion.glass.length - 1}
                    step="1"
                    bind:value={moment}
                    aria-valuetext={say('bench/glass.after-2', { seconds: spoken(at?.seconds ?? 0) })}
                />
            </label>
            <p>
                {(at?.on_top_mm ?? 0) < 0.01
                    ? say('bench/glass.less-than-0-01-mm')
                    : say('bench/glass.mm-of-oil-on-top', { on_top_mm: short(at?.on_top_mm ?? 0) })}
            </p>
            <p>{say('bench/glass.tube-draws-of-oil-that', { share: Math.round(100 * share) })}</p>
        </div>
    </div>
    {#if hand.coarseness !== 1}<p class="text-sm">
            {say('bench/glass.reckoned-with-your-own-hand', { readings: hand.readings, coarseness: short(hand.coarseness) })}
        </p>{/if}
    <details>
        <summary class="min-h-11 cursor-pointer py-2">{say('bench/glass.figures')}</summary>
        <table class="table">
            <caption class="sr-only">{say('bench/glass.oil-on-top-and-what')}</caption>
            <thead
                ><tr
                    ><th scope="col">{say('bench/glass.after-3')}</th><th scope="col">{say('bench/glass.oil-on-top')}</th><th scope="col"
                        >{say('bench/glass.tube-draws')}</th
                    ></tr
                ></thead
            >
            <tbody>
                {#each emulsion.glass as row (row.seconds)}
                    <tr
                        ><td>{spoken(row.seconds)}</td><td class="numeral">{say('bench/glass.mm', { on_top_mm: short(row.on_top_mm) })}</td
                        ><td class="numeral">{Math.round(100 * row.tube_share)} %</td></tr
                    >
                {/each}
            </tbody>
        </table>
        <p class="quiet text-sm">{emulsion.because}</p>
    </details>
</section>
