<script lang="ts">
    import type { Schemas } from '../../lib/client';

    /** What stands mixed, at its level: empty while it is begun, full when it is mixed. */
    const { task }: { task: Schemas['Task'] } = $props();
    const share = $derived(task.bottle === null ? null : task.bottle.mixed / task.bottle.loads);
    const level = $derived(share === null ? 0 : 6 + share * 28);
</script>

{#if share !== null}<svg viewBox="0 0 44 56" width="38" height="48" aria-hidden="true">
        <rect x="10" y={50 - level} width="24" height={level} class="fill-info" opacity="0.45" />
        <path
            d="M10 16h24v32a4 4 0 0 1 -4 4H14a4 4 0 0 1 -4 -4zM17 16V8h10v8M27 9l9 -3"
            class="stroke-primary"
            stroke-width="2.5"
            fill="none"
        />
    </svg>{/if}
