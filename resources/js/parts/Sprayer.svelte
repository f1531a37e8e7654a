<script lang="ts">
    import type { Schemas } from '../lib/client';
    import { short } from '../lib/figures';
    import { heightOf, Shape, spokenIn } from './heights';

    interface Props {
        /** What it holds, in the unit that is spoken of. */
        capacity: number;
        /** How far it is filled, in the same unit. */
        level: number;
        unitWords: string;
        unitMl: number;
        /** Known volumes that were poured in, and how high they stood: then the drawing has the sprayer's own shape. */
        pours?: Schemas['Pour'][];
        /** Set when it is the control for the volume, too. */
        onlevel?: (level: number) => void;
        caption?: string;
    }
    const { capacity, level, unitWords, unitMl, pours = [], onlevel, caption = '' }: Props = $props();

    const TOP = 70;
    const HEIGHT = 260;
    const shape = $derived(new Shape(capacity * unitMl, pours));
    const share = $derived(shape.share(level * unitMl));
    const surface = $derived(TOP + HEIGHT * (1 - share));
    const marks = $derived(
        [0.25, 0.5, 0.75, 1].map((part) => ({
            part,
            y: TOP + HEIGHT * (1 - shape.share(capacity * part * unitMl)),
            words: `${short(capacity * part)}`,
        })),
    );
    const height = $derived(heightOf(pours, level * unitMl));
    const spoken = $derived(
        `${spokenIn(level * unitMl, { words: unitWords, mL: unitMl })} of ${short(capacity)} ${unitWords}${height === null ? '' : `, ${short(height)} mm high`}`,
    );
    /** Sixteen steps to a full sprayer: what a hand can pour. */
    const step = $derived(capacity / 16);

    let drawing = $state<SVGSVGElement>();

    function set(next: number): void {
        onlevel?.(Math.max(step, Math.min(capacity, Math.round(next / step) * step)));
    }

    function drag(event: PointerEvent): void {
        if (onlevel === undefined || drawing === undefined || (event.type === 'pointermove' && event.buttons === 0)) {
            return;
        }
        const box = drawing.getBoundingClientRect();
        const y = ((event.clientY - box.top) / box.height) * 360;
        set(shape.mL(1 - (y - TOP) / HEIGHT) / unitMl);
    }

    function key(event: KeyboardEvent): void {
        const by: Record<string, number> = {
            ArrowUp: step,
            ArrowRight: step,
            ArrowDown: -step,
            ArrowLeft: -step,
            PageUp: 4 * step,
            PageDown: -4 * step,
        };
        const move = by[event.key];
        if (move !== undefined) {
            event.preventDefault();
            set(level + move);
        } else if (event.key === 'Home' || event.key === 'End') {
            event.preventDefault();
            set(event.key === 'End' ? capacity : step);
        }
    }
</script>

{#snippet picture()}
    <svg
        bind:this={drawing}
        viewBox="0 0 250 360"
        class="mx-auto h-full max-h-[24rem] w-full touch-none"
        aria-hidden="true"
        onpointerdown={drag}
        onpointermove={drag}
    >
        <!-- pump and hose -->
        <path d="M78 18h54M105 18v36" class="stroke-base-content" fill="none" stroke-width="7" stroke-linecap="round" />
        <path d="M170 92c44 0 46 70 34 150s14 92 30 92" class="stroke-base-content" fill="none" stroke-width="5" />
        <rect x="88" y="44" width="34" height="18" rx="4" class="fill-base-content" />
        <!-- tank -->
        <clipPath id="tank"><rect x="40" y={TOP - 8} width="130" height={HEIGHT + 14} rx="20" /></clipPath>
        <rect x="40" y={TOP - 8} width="130" height={HEIGHT + 14} rx="20" class="fill-base-100" />
        <g clip-path="url(#tank)">
            <rect x="40" y={surface} width="130" height={TOP + HEIGHT + 10 - surface} class="fill-info" opacity="0.35" />
            {#if share > 0}<path d={`M40 ${surface}h130`} class="stroke-info" stroke-width="4" />{/if}
        </g>
        <path d="M105 62V318" class="stroke-base-content" stroke-width="3" stroke-dasharray="5 5" opacity="0.55" />
        <rect x="40" y={TOP - 8} width="130" height={HEIGHT + 14} rx="20" class="stroke-base-content" fill="none" stroke-width="4" />
        {#each marks as mark (mark.part)}
            <path d={`M40 ${mark.y}h16`} class="stroke-base-content" stroke-width="3" />
            <text x="34" y={mark.y + 5} text-anchor="end" font-size="14" class="fill-base-content font-mono">{mark.words}</text>
        {/each}
        {#if onlevel}<path d={`M170 ${surface}l18 -11v22z`} class="fill-primary" />{/if}
    </svg>
{/snippet}

<figure class="grid gap-2 text-center">
    {#if onlevel}
        <div
            role="slider"
            tabindex="0"
            aria-label="Level in the sprayer"
            aria-orientation="vertical"
            aria-valuemin={step}
            aria-valuemax={capacity}
            aria-valuenow={level}
            aria-valuetext={spoken}
            onkeydown={key}
            class="cursor-ns-resize rounded"
        >
            {@render picture()}
        </div>
    {:else}
        {@render picture()}
    {/if}
    <figcaption>
        <span class="text-base">{spoken}</span>{#if caption}<span class="quiet block text-sm">{caption}</span>{/if}
    </figcaption>
</figure>
