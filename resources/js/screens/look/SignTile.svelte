<script lang="ts">
    import Check from '@lucide/svelte/icons/check';
    import type { Schemas } from '../../lib/client';
    import type { Seen } from './seen.svelte';
    import SignDrawing from './SignDrawing.svelte';

    const { sign, seen }: { sign: Schemas['Troubles']['signs'][number]; seen: Seen } = $props();
    const ticked = $derived(seen.isSeen(sign.slug));
    const absent = $derived(seen.signs.get(sign.slug) === false);
</script>

<button
    class={[
        'flex items-center gap-3 rounded border-2 p-1 text-left sm:p-2',
        ticked ? 'border-primary bg-primary text-primary-content' : 'border-base-300 bg-base-100',
    ]}
    aria-pressed={ticked}
    onclick={() => seen.toggle(sign.slug)}
>
    <SignDrawing code={sign.drawing} />
    <span class="min-w-0 flex-1 leading-tight"
        >{sign.words}{#if absent}<span class="block text-sm font-bold">{say('look/sign-tile.looked-for-not-there')}</span>{/if}</span
    >
    {#if ticked}<Check size={24} strokeWidth={3} aria-hidden="true" />{/if}
</button>
