<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { atTime } from '../../lib/time';
    import DrawnLeaf from './DrawnLeaf.svelte';

    /** Empty leaves on paper, to be marked at the plant and said here later. */
    const { test }: { test: Schemas['LeafTest'] } = $props();
    const drawings = new Loaded(
        async () => (await taken(api.GET('/api/leaf-drawings/{shape}', { params: { path: { shape: test.shape } } }))).drawings,
    );
    const blank = $derived(drawings.value?.[0]);
</script>

<button class="btn no-print mt-3" onclick={() => print()}>{say('leaf/leaf-sheet.print-sheet')}</button>
<section class="mt-4 hidden print:block" aria-label={say('leaf/leaf-sheet.sheet')} data-sheet>
    <h2>{say('leaf/leaf-sheet.mark-on-leaves', { dueAt: atTime(test.dueAt) })}</h2>
    <div class="grid grid-cols-3 gap-4">
        {#each test.leafList as leaf (leaf.number)}
            <figure class="break-inside-avoid text-center">
                <span class="mx-auto block" style:width="48mm" style:height="48mm"
                    >{#if blank !== undefined}<DrawnLeaf leaf={blank} />{/if}</span
                >
                <figcaption>{say('leaf/leaf-card.leaf', { number: leaf.number, words: leaf.words })}: ______ %</figcaption>
            </figure>
        {/each}
    </div>
</section>
