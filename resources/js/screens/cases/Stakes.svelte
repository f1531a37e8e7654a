<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { onShortDay } from '../../lib/time';
    import type { Moving } from './moving.svelte';
    import { across, dayAt, HIGH } from './outlook';

    /** Rounds that may be taken hold of: by a finger, by the arrow keys. Part of a drawing. */
    const { days, moving }: { days: Schemas['ExpectedDay'][]; moving: Moving } = $props();
    let held = $state<number | null>(null);
    const rounds = $derived(moving.shown?.rounds ?? moving.on);

    function drag(event: PointerEvent, which: number): void {
        const svg = (event.currentTarget as SVGGElement).ownerSVGElement;
        const to = svg?.getScreenCTM()?.inverse();
        if (held === which && to) {
            moving.drag(which, dayAt(days, new DOMPoint(event.clientX, event.clientY).matrixTransform(to).x));
        }
    }

    function keys(event: KeyboardEvent, which: number): void {
        const beside =
            event.key === 'ArrowLeft' || event.key === 'ArrowDown' ? false : event.key === 'ArrowRight' || event.key === 'ArrowUp';
        if (event.key.startsWith('Arrow')) {
            event.preventDefault();
            moving.take(moving.beside(which, beside));
        }
    }
</script>

{#each rounds as on, which (which)}
    {@const x = across(days, on)}
    {#if x !== null}
        <g
            role="slider"
            tabindex="0"
            class="cursor-ew-resize touch-none"
            aria-label={say('cases/stakes.round', { number: which + 1 })}
            aria-valuemin={0}
            aria-valuemax={days.length - 1}
            aria-valuenow={days.findIndex((day) => day.on === on)}
            aria-valuetext={`${onShortDay(on)}. ${moving.shown?.words ?? ''}`}
            data-handle={on}
            onpointerdown={(event) => {
                held = which;
                event.currentTarget.setPointerCapture(event.pointerId);
            }}
            onpointermove={(event) => drag(event, which)}
            onpointerup={() => {
                held = null;
                moving.drop();
            }}
            onpointercancel={() => {
                held = null;
                moving.drop();
            }}
            onkeydown={(event) => keys(event, which)}
        >
            <rect x={x - 22} y={HIGH - 60} width="44" height="66" fill="transparent" />
            <path d={`M${x} ${HIGH}v-36`} class="stroke-secondary" stroke-width="4" fill="none" />
            <circle cx={x} cy={HIGH - 42} r="13" class="fill-secondary stroke-base-100" stroke-width="3" />
            <path
                d={`M${x - 4} ${HIGH - 47}l-5 5 5 5M${x + 4} ${HIGH - 47}l5 5-5 5`}
                class="stroke-secondary-content"
                stroke-width="2"
                fill="none"
            />
        </g>
    {/if}
{/each}
