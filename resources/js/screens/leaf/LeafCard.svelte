<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { percent } from '../../lib/figures';
    import DrawnLeaf from './DrawnLeaf.svelte';
    import PhotoMeasure from './PhotoMeasure.svelte';
    import type { SeenState } from './seen.svelte';

    interface Props {
        test: Pick<Schemas['LeafTest'], 'id' | 'key'>;
        leaf: Schemas['LeafTest']['leafList'][number];
        seen: SeenState;
        drawings: Schemas['DrawnLeaf'][];
        injuries: Schemas['Catalogue']['injuries'];
        onphoto: () => void;
    }
    const { test, leaf, seen, drawings, injuries, onphoto }: Props = $props();
    let kind = $state<Schemas['InjuryKind']>('spots');
    let photo = $state(false);
    const blank = $derived(drawings[0]);
    const name = $derived(say('leaf/leaf-card.leaf', { number: leaf.number, words: leaf.words }));
    const said = $derived(
        seen.lost
            ? 'gone'
            : seen.share === null
              ? say('leaf/leaf-card.not-said-yet')
              : seen.from === 'photo'
                ? say('leaf/leaf-card.to-measured', { share: percent(seen.share), low: percent(seen.low), high: percent(seen.high) })
                : `${percent(seen.share)} %`,
    );

    function tap(event: MouseEvent & { currentTarget: HTMLElement }): void {
        const box = event.currentTarget.getBoundingClientRect();
        seen.tap((event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height, kind);
    }
</script>

<fieldset class="border-base-300 grid gap-2 border-b pb-4" data-leaf={leaf.number}>
    <legend class="text-lg font-bold">{name}: <span data-said>{said}</span></legend>
    <p class="sr-only" id={`like-${leaf.number}`}>{say('leaf/leaf-card.which-drawn-leaf-most-like')}</p>
    <div class="grid grid-cols-5 gap-1 sm:grid-cols-9" role="group" aria-labelledby={`like-${leaf.number}`}>
        {#each drawings as drawing (drawing.share)}
            <button
                type="button"
                class={['btn h-auto w-full flex-col gap-0 px-0 py-1 text-sm', seen.share === drawing.share && !seen.lost && 'btn-primary']}
                aria-pressed={seen.share === drawing.share && !seen.lost}
                aria-label={`${name}: ${drawing.share === 0 ? 'clean' : `${drawing.share} % hurt`}`}
                onclick={() => seen.looksLike(drawing.share ?? 0)}
                ><span class="block h-11 w-11"><DrawnLeaf leaf={drawing} /></span>{drawing.share === 0
                    ? 'clean'
                    : `${drawing.share} %`}</button
            >
        {/each}
    </div>
    <details>
        <summary class="link min-h-11 cursor-pointer py-2">{say('leaf/leaf-card.what-where-or-photograph')}</summary>
        <div class="flex flex-wrap items-start gap-3">
            {#if blank !== undefined}<button
                    type="button"
                    class="h-40 w-40 shrink-0 rounded border"
                    aria-label={say('leaf/leaf-card.tap-where-you-see', { name, kind })}
                    onclick={tap}><DrawnLeaf leaf={blank} spots={seen.spots} /></button
                >{/if}
            <div class="flex min-w-56 flex-1 flex-wrap gap-1">
                {#each injuries as one (one.code)}<button
                        type="button"
                        class={['btn', seen.kinds.includes(one.code) && 'btn-primary']}
                        aria-pressed={seen.kinds.includes(one.code)}
                        onclick={() => {
                            kind = one.code;
                            seen.toggle(one.code);
                        }}>{one.words}</button
                    >{/each}
                <label class="flex min-h-11 items-center gap-2"
                    ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={seen.lost} />
                    {say('leaf/leaf-card.gone-torn-off-or-eaten')}</label
                >
                <button type="button" class="btn" aria-expanded={photo} onclick={() => (photo = !photo)}
                    >{say('leaf/leaf-card.measure-photograph')}</button
                >
            </div>
        </div>
        {#if photo}<PhotoMeasure {test} {leaf} {seen} {onphoto} />{/if}
    </details>
</fieldset>
