<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { short } from '../../lib/figures';

    const { sprayer }: { sprayer: Schemas['Sprayer'] } = $props();
    const top = $derived((sprayer.marks.at(-1)?.mm ?? 0) + 8);
    const ruler = [...Array(11).keys()].map((i) => i * 10);
    const fillAt = $derived(
        sprayer.fillMl < sprayer.mL ? (sprayer.marks.filter((mark) => mark.mL <= sprayer.fillMl * 1.000001).at(-1)?.mL ?? 0) : 0,
    );
</script>

<section class="strip dish" aria-label={say('sprayer/strip.fill-mark-strip')}>
    <h2>{sprayer.name}</h2>
    {#if sprayer.marks.length === 0}
        <p class="quiet">
            {say('sprayer/strip.once-known-volumes-are-poured')}
        </p>
    {:else}
        <p class="no-print quiet mb-2">
            {say('sprayer/strip.print-at-100-never-fit')}
        </p>
        <div class="flex flex-wrap items-end gap-8">
            <!-- One unit of the drawing is one millimetre on paper. -->
            <svg
                width="34mm"
                height={`${top}mm`}
                viewBox={`0 0 34 ${top}`}
                role="img"
                aria-label={say('sprayer/strip.marks', {
                    marks: sprayer.marks.map((mark) => say('sprayer/strip.at-mm', { words: mark.words, mm: short(mark.mm) })).join(', '),
                })}
                data-strip
            >
                <rect
                    x="0.2"
                    y="0.2"
                    width="33.6"
                    height={top - 0.4}
                    fill="none"
                    stroke="currentColor"
                    stroke-width="0.3"
                    stroke-dasharray="2 1"
                />
                {#each sprayer.marks as mark (mark.mm)}
                    <path d={`M0 ${top - mark.mm}h12`} stroke="currentColor" stroke-width={mark.mL === fillAt ? 1.2 : 0.5} />
                    <text x="13.5" y={top - mark.mm + 1.6} font-size="4.6" fill="currentColor"
                        >{mark.words}{mark.mL === fillAt ? ' full' : ''}</text
                    >
                {/each}
            </svg>
            <div>
                <svg
                    width="14mm"
                    height="100mm"
                    viewBox="0 0 14 100"
                    role="img"
                    aria-label={say('sprayer/strip.ruler-of-100-mm')}
                    data-ruler
                >
                    {#each ruler as mm (mm)}
                        <path
                            d={`M0 ${Math.min(99.8, Math.max(0.2, 100 - mm))}h${mm % 50 === 0 ? 6 : 3}`}
                            stroke="currentColor"
                            stroke-width="0.4"
                        />
                        {#if mm % 50 === 0}<text x="7" y={Math.min(99, Math.max(3.4, 101.2 - mm))} font-size="3.6" fill="currentColor"
                                >{mm}</text
                            >{/if}
                    {/each}
                </svg>
                <p class="max-w-40 text-sm">{say('sprayer/strip.lay-ruler-on-these-are')}</p>
            </div>
        </div>
    {/if}
</section>
