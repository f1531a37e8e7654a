<script lang="ts">
    import By from '../../parts/By.svelte';
    import type { Schemas } from '../../lib/client';
    import { percent } from '../../lib/figures';
    import { atTime } from '../../lib/time';
    import Correctable from '../../parts/Correctable.svelte';
    import ReadingForm from './ReadingForm.svelte';

    interface Props {
        test: Schemas['LeafTest'];
        catalogue: Schemas['Catalogue'];
        onread: (test: Schemas['LeafTest']) => void;
    }
    const { test, catalogue, onread }: Props = $props();
    const words = (list: { code: string; words: string }[], code: string): string => list.find((one) => one.code === code)?.words ?? code;
    function said(leaf: Schemas['SeenLeaf']): string {
        const share =
            leaf.low < leaf.share || leaf.high > leaf.share
                ? say('leaf/looks.to', { share: percent(leaf.share), low: percent(leaf.low), high: percent(leaf.high) })
                : leaf.share === 0
                  ? 'clean'
                  : `${percent(leaf.share)} %`;
        const how = leaf.from === 'photo' ? ', measured' : leaf.from === 'word' ? say('leaf/looks.from-words-of-older-look') : '';
        return leaf.lost ? 'gone' : [`${share}${how}`, ...leaf.kinds.map((kind) => words(catalogue.injuries, kind))].join(', ');
    }
</script>

<section class="dish" aria-label={say('leaf/looks.looks-so-far')}>
    <h2>{say('leaf/looks.looks-so-far')}</h2>
    {#if test.readings.length === 0}<p class="quiet mt-2">{say('leaf/looks.none-yet')}</p>{/if}
    <ul class="mt-2 grid gap-4">
        {#each test.readings as reading (reading.id)}
            <li data-look={reading.id}>
                <Correctable
                    kind="readings"
                    of={reading}
                    what={say('leaf/looks.look-of', { readAt: atTime(reading.readAt) })}
                    changes={reading.changes}
                >
                    {#snippet head()}<span class="font-bold">{atTime(reading.readAt)}</span> <By who={reading.who} />{/snippet}
                    {#snippet form(done)}
                        <ReadingForm
                            {test}
                            {catalogue}
                            {reading}
                            onread={(next) => {
                                done();
                                onread(next);
                            }}
                        />
                    {/snippet}
                    <ul>
                        {#each reading.leaves as leaf (leaf.leaf)}
                            {@const of = test.leafList.find((one) => one.number === leaf.leaf)}
                            <li class="flex gap-2">
                                <span class="quiet w-40">{leaf.leaf}, {of?.words ?? ''}</span><span>{said(leaf)}</span>
                            </li>
                        {/each}
                    </ul>
                    {#if reading.weather.length > 0}<p class="quiet">
                            {say('leaf/looks.meanwhile', {
                                weather: reading.weather.map((code) => words(catalogue.meanwhile, code)).join(', '),
                            })}
                        </p>{/if}
                    {#if reading.notes}<p class="whitespace-pre-line">{reading.notes}</p>{/if}
                </Correctable>
            </li>
        {/each}
    </ul>
</section>
