<script lang="ts">
    import type { Schemas } from '../../lib/client';

    /** What stands mixed, at its level: as much of it as is mixed, and none where it is gone. */
    const { bottle }: { bottle: Schemas['Bottle'] } = $props();
    const level = $derived(bottle.end === null ? 4 + (bottle.mixed / bottle.loads) * 30 : 0);
</script>

<svg viewBox="0 0 44 56" width="34" height="44" aria-hidden="true" class="shrink-0" data-level={Math.round(level)}>
    <rect x="10" y={51 - level} width="24" height={level} class="fill-info" opacity="0.45" />
    <path
        d="M10 16h24v32a4 4 0 0 1 -4 4H14a4 4 0 0 1 -4 -4zM17 16V8h10v8M27 9l9 -3"
        class="stroke-primary"
        stroke-width="2.5"
        fill="none"
    />
</svg>
