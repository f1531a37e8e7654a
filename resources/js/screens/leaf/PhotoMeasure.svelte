<script lang="ts">
    import { untrack } from 'svelte';
    import type { Schemas } from '../../lib/client';
    import { percent } from '../../lib/figures';
    import FormFoot from '../../parts/FormFoot.svelte';
    import { painted } from './overlay';
    import { PhotoState } from './photo.svelte';
    import type { SeenState } from './seen.svelte';

    interface Props {
        test: Pick<Schemas['LeafTest'], 'id' | 'key'>;
        leaf: Schemas['LeafTest']['leafList'][number];
        seen: SeenState;
        onphoto: () => void;
    }
    const { test, leaf, seen, onphoto }: Props = $props();
    const photo = untrack(() => new PhotoState(test, leaf.number));
    let as = $state<'leaveOut' | 'healthy'>('healthy');
    const kept = $derived({ before: leaf.photoBefore, after: leaf.photoAfter });

    async function take(input: HTMLInputElement, when: 'before' | 'after'): Promise<void> {
        const file = input.files?.[0];
        if (file !== undefined && (await photo.take(file, when))) {
            onphoto();
        }
    }

    function draw(canvas: HTMLCanvasElement): void {
        const { measured } = photo;
        if (measured !== null) {
            canvas.width = measured.width;
            canvas.height = measured.height;
            canvas
                .getContext('2d')
                ?.putImageData(
                    new ImageData(painted(measured.runs, measured.width, measured.height), measured.width, measured.height),
                    0,
                    0,
                );
        }
    }

    function tap(event: MouseEvent & { currentTarget: HTMLElement }): void {
        const box = event.currentTarget.getBoundingClientRect();
        void photo.mark((event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height, as);
    }
</script>

<div class="mt-2 grid gap-3" data-photo={leaf.number}>
    <p>{say('leaf/photo-measure.one-leaf-on-plain-white')}</p>
    <div class="flex flex-wrap gap-2">
        {#each ['before', 'after'] as const as when (when)}
            <label class="btn"
                >{when === 'before' ? say('leaf/photo-measure.before-was-wetted') : say('leaf/photo-measure.now')}{kept[when]
                    ? ' (kept)'
                    : ''}<input
                    type="file"
                    accept="image/jpeg,image/png,image/webp"
                    class="sr-only"
                    aria-label={say('leaf/photo-measure.leaf-photograph', {
                        number: leaf.number,
                        when: when === 'before' ? say('leaf/photo-measure.before-was-wetted-2') : 'now',
                    })}
                    onchange={(event) => void take(event.currentTarget, when)}
                /></label
            >
            {#if kept[when] && photo.measured === null}<button
                    type="button"
                    class="btn"
                    onclick={() => {
                        photo.when = when;
                        void photo.again();
                    }}
                    >{say('leaf/photo-measure.measure-again', {
                        when: when === 'before' ? say('leaf/photo-measure.earlier-one') : 'it',
                    })}</button
                >{/if}
        {/each}
    </div>
    <FormFoot form={photo.sending} send={() => void photo.again()} />
    {#if photo.measured !== null}
        {@const measured = photo.measured}
        <div class="flex flex-wrap items-start gap-4">
            <button
                type="button"
                class="relative block w-full max-w-sm"
                aria-label={say('leaf/photo-measure.tap-what-counted-wrongly')}
                onclick={tap}
            >
                <img
                    class="block w-full"
                    src={photo.source}
                    alt={say('leaf/photo-measure.leaf', { number: leaf.number, when: photo.when })}
                />
                {#key measured}<canvas class="absolute inset-0 h-full w-full" aria-hidden="true" {@attach draw}></canvas>{/key}
            </button>
            <div class="grid min-w-56 flex-1 gap-2">
                <p class="text-lg" role="status" data-measured>
                    <strong class="numeral">{say('leaf/photo-measure.hurt', { injured: percent(measured.injured) })}</strong>{say(
                        'leaf/photo-measure.to',
                        {
                            low: percent(measured.low),
                            high: percent(measured.high),
                            lessBefore: measured.lessBefore ? say('leaf/photo-measure.what-was-there-before-taken') : '',
                        },
                    )}
                    {#if measured.unsure}<strong>{say('leaf/photo-measure.unsure')}</strong> {measured.doubts.join(' ')}{/if}
                </p>
                <p class="quiet text-sm">
                    {say('leaf/photo-measure.striped-what-was-counted-as', {
                        tissue: Object.entries(measured.tissue)
                            .filter(([, share]) => share > 0)
                            .map(([tissue, share]) => `${tissue} ${percent(share)} %`)
                            .join(', '),
                    })}
                </p>
                <label class="grid gap-1"
                    ><span class="font-bold">{say('leaf/photo-measure.counts-as-hurt-less-more')}</span><input
                        type="range"
                        class="range range-primary w-full"
                        min="-1"
                        max="1"
                        step="0.1"
                        bind:value={photo.strictness}
                        onchange={() => void photo.again()}
                    /></label
                >
                <div class="flex flex-wrap items-center gap-2">
                    <span>{say('leaf/photo-measure.tap-on')}</span>
                    <button
                        type="button"
                        class={['btn', as === 'healthy' && 'btn-primary']}
                        aria-pressed={as === 'healthy'}
                        onclick={() => (as = 'healthy')}>{say('leaf/photo-measure.healthy-vein')}</button
                    >
                    <button
                        type="button"
                        class={['btn', as === 'leaveOut' && 'btn-primary']}
                        aria-pressed={as === 'leaveOut'}
                        onclick={() => (as = 'leaveOut')}>{say('leaf/photo-measure.leave-out-label')}</button
                    >
                    <button type="button" class="btn" onclick={() => void photo.unmark()}>{say('leaf/photo-measure.as-measured')}</button>
                </div>
                {#if photo.when === 'after'}<button type="button" class="btn btn-primary" onclick={() => seen.measured(measured)}
                        >{say('leaf/photo-measure.take-for-leaf', { injured: percent(measured.injured), number: leaf.number })}</button
                    >{/if}
            </div>
        </div>
    {/if}
</div>
