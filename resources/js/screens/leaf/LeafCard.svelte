<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { percent } from '../../lib/figures';
    import DrawnLeaf from './DrawnLeaf.svelte';
    import PhotoMeasure from './PhotoMeasure.svelte';
    import { nearestPlate } from './plates';
    import type { SeenState } from './seen.svelte';

    interface Props {
        test: Pick<Schemas['LeafTest'], 'id' | 'key'>;
        leaf: Schemas['LeafTest']['leafList'][number];
        seen: SeenState;
        drawings: Schemas['DrawnLeaf'][];
        injuries: Schemas['Catalogue']['injuries'];
        onphoto: () => void;
        /** Goes to the next leaf; none after the last. */
        onnext?: (() => void) | undefined;
    }
    const { test, leaf, seen, drawings, injuries, onphoto, onnext }: Props = $props();
    let kind = $state<Schemas['InjuryKind']>('spots');
    let photo = $state(false);
    const blank = $derived(drawings[0]);
    const name = $derived(say('leaf/leaf-card.leaf', { number: leaf.number, words: leaf.words }));
    /** The plate that is nearest to what was said. */
    const at = $derived(nearestPlate(drawings, seen.share ?? 0));
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
    <div class="flex flex-wrap items-center gap-x-6 gap-y-3">
        <span class="plate rounded border" data-plate={drawings[at]?.share}
            >{#if drawings[at] !== undefined}<DrawnLeaf leaf={drawings[at]} />{/if}</span
        >
        {#if leaf.photoAfter}<img
                class="plate rounded border object-contain"
                src={`/api/leaf-tests/${test.id}/photos/${leaf.number}/after`}
                alt={say('leaf/leaf-card.your-photograph', { name })}
            />{/if}
        <div class="grid min-w-56 flex-1 gap-3">
            <label class="grid gap-1"
                ><span>{say('leaf/leaf-card.slide-until-alike')}</span><input
                    type="range"
                    class="range range-primary w-full"
                    min="0"
                    max={drawings.length - 1}
                    step="1"
                    value={at}
                    aria-label={say('leaf/leaf-card.alike', { name })}
                    aria-valuetext={said}
                    oninput={(event) => seen.looksLike(drawings[Number(event.currentTarget.value)]?.share ?? 0)}
                /></label
            >
            <div class="flex flex-wrap gap-2">
                <button
                    type="button"
                    class={['btn', seen.share === 0 && !seen.lost && 'btn-primary']}
                    aria-pressed={seen.share === 0 && !seen.lost}
                    onclick={() => {
                        seen.looksLike(0);
                        onnext?.();
                    }}>{say('leaf/leaf-card.clean')}</button
                >
                {#if onnext}<button type="button" class="btn" disabled={!seen.said} onclick={onnext}
                        >{say('leaf/leaf-card.next-leaf')}</button
                    >{/if}
            </div>
        </div>
    </div>
    <details>
        <summary class="link min-h-11 cursor-pointer py-2">{say('leaf/leaf-card.what-where-or-photograph')}</summary>
        <div class="flex flex-wrap items-start gap-3">
            {#if blank !== undefined}<button
                    type="button"
                    class="plate shrink-0 rounded border"
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

<style>
    /* On paper of its own, by day and by night. */
    .plate {
        display: block;
        width: 220px;
        height: 220px;
        background: #f4f6f0;
        border-color: var(--color-base-300);
    }
</style>
