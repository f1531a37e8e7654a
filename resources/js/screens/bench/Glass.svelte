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
        return seconds < 60 ? `${seconds} s` : seconds < 3600 ? `${seconds / 60} min` : `${seconds / 3600} h`;
    }
</script>

<section aria-label="How long it holds">
    <p>
        Shake again every <strong data-reshake>{again}</strong>. Unshaken, the last tenth would hold {percent(
            emulsion.last_tenth_oil_percent,
        )} % oil.
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
                <span><strong>After {spoken(at?.seconds ?? 0)}</strong> in a glass {emulsion.glass_height_mm / 10} cm high</span>
                <input
                    type="range"
                    class="w-full"
                    min="0"
                    max={emulsion.glass.length - 1}
                    step="1"
                    bind:value={moment}
                    aria-valuetext={`after ${spoken(at?.seconds ?? 0)}`}
                />
            </label>
            <p>
                {(at?.on_top_mm ?? 0) < 0.01
                    ? 'Less than 0.01 mm of oil on top'
                    : `${short(at?.on_top_mm ?? 0)} mm of oil on top (drawn ten times as thick)`}
            </p>
            <p>The tube draws {Math.round(100 * share)} % of the oil that was mixed in.</p>
        </div>
    </div>
    {#if hand.coarseness !== 1}<p class="text-sm">
            Reckoned with your own hand: {hand.readings} stand tests, droplets {short(hand.coarseness)} times the usual size.
        </p>{/if}
    <details>
        <summary class="min-h-11 cursor-pointer py-2">The figures</summary>
        <table class="table">
            <caption class="sr-only">Oil on top and what the tube draws, over time</caption>
            <thead><tr><th scope="col">After</th><th scope="col">Oil on top</th><th scope="col">The tube draws</th></tr></thead>
            <tbody>
                {#each emulsion.glass as row (row.seconds)}
                    <tr
                        ><td>{spoken(row.seconds)}</td><td class="numeral">{short(row.on_top_mm)} mm</td><td class="numeral"
                            >{Math.round(100 * row.tube_share)} %</td
                        ></tr
                    >
                {/each}
            </tbody>
        </table>
        <p class="quiet text-sm">{emulsion.because}</p>
    </details>
</section>
