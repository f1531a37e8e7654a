<script lang="ts">
    import type { Schemas } from '../lib/client';
    import { heightOf, kitchenly, Shape, spokenIn } from './heights';
    import { SHAPES, type ShapeCode } from './shapes';

    interface Props {
        shape: ShapeCode;
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
        /** Set where nothing beside the level is said. */
        bare?: boolean;
    }
    const { shape: code, capacity, level, unitWords, unitMl, pours = [], onlevel, bare = false }: Props = $props();

    const TOP = 70;
    const HEIGHT = 260;
    const TALL = 360;
    const drawn = $derived(SHAPES[code]);
    const id = $props.id();
    const shape = $derived(new Shape(capacity * unitMl, pours));
    const share = $derived(shape.share(level * unitMl));
    const surface = $derived(TOP + HEIGHT * (1 - share));
    const marks = $derived(
        [0.25, 0.5, 0.75, 1].map((part) => ({
            part,
            y: TOP + HEIGHT * (1 - shape.share(capacity * part * unitMl)),
            words: kitchenly(capacity * part),
        })),
    );
    const height = $derived(heightOf(pours, level * unitMl));
    const spoken = $derived(
        say('parts/sprayer.of', {
            level: spokenIn(level * unitMl, { words: unitWords, mL: unitMl }),
            capacity: kitchenly(capacity),
            unitWords,
            height: height === null ? '' : say('parts/sprayer.mm-high', { height: Math.round(height) }),
        }),
    );
    /** Sixteen steps to a full sprayer: what a hand can pour. */
    const step = $derived(capacity / 16);

    let figure = $state<HTMLElement>();

    function set(next: number): void {
        const to = Math.max(step, Math.min(capacity, Math.round(next / step) * step));
        if (Math.abs(to - level) > step / 100) {
            onlevel?.(to);
        }
    }

    function hold(event: PointerEvent & { currentTarget: HTMLElement }): void {
        event.currentTarget.setPointerCapture(event.pointerId);
    }

    function drag(event: PointerEvent & { currentTarget: HTMLElement }): void {
        if (figure === undefined || !event.currentTarget.hasPointerCapture(event.pointerId)) {
            return;
        }
        const box = figure.getBoundingClientRect();
        const y = ((event.clientY - box.top) / box.height) * TALL;
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

<figure class="flex h-full min-h-0 flex-col items-center gap-1 text-center" data-sprayer={code}>
    <div bind:this={figure} class="relative aspect-[25/36] min-h-0 flex-1">
        <svg viewBox="0 0 250 360" class="size-full" role="img" aria-label={spoken}>
            <clipPath id={`tank-${id}`}><path d={drawn.body} /></clipPath>
            <path d={drawn.body} class="fill-base-100" />
            <g clip-path={`url(#tank-${id})`}>
                <rect x="0" y={surface} width="250" height={TALL - surface} class="fill-info" opacity="0.38" />
                {#if share > 0}<path d={`M0 ${surface}h250`} class="stroke-info" stroke-width="5" />{/if}
            </g>
            {#if drawn.tube !== null}<path
                    d={`M${drawn.tube} 62V318`}
                    class="stroke-base-content"
                    stroke-width="3"
                    stroke-dasharray="5 5"
                    opacity="0.55"
                />{/if}
            <path d={drawn.solid} class="fill-base-content" />
            <g class="stroke-base-content" fill="none" stroke-width="5" stroke-linecap="round" stroke-linejoin="round">
                <path d={drawn.body} /><path d={drawn.lines} />
            </g>
            {#each marks as mark (mark.part)}
                <path d={`M${drawn.left} ${mark.y}h18`} class="stroke-base-content" stroke-width="4" />
                <text
                    x={drawn.left + 24}
                    y={mark.y + 7}
                    font-size="21"
                    stroke-width="5"
                    class="fill-base-content stroke-base-100 font-mono [paint-order:stroke]">{mark.words}</text
                >
            {/each}
        </svg>
        {#if onlevel}
            <div
                role="slider"
                tabindex="0"
                aria-label={say('parts/sprayer.level-in-sprayer')}
                aria-orientation="vertical"
                aria-valuemin={step}
                aria-valuemax={capacity}
                aria-valuenow={level}
                aria-valuetext={spoken}
                onkeydown={key}
                onpointerdown={hold}
                onpointermove={drag}
                class="bg-accent text-accent-content border-base-content absolute grid size-11 -translate-x-1/2 -translate-y-1/2 cursor-ns-resize touch-none place-items-center rounded-full border-3 select-none"
                style:left={`${(drawn.right / 250) * 100}%`}
                style:top={`${(surface / TALL) * 100}%`}
            >
                <span aria-hidden="true" class="text-xl leading-none font-bold">↕</span>
            </div>
        {/if}
    </div>
    {#if !bare}<figcaption>{spoken}</figcaption>{/if}
</figure>
