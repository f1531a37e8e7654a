<script lang="ts">
    import { millilitres } from '../../lib/figures';
    import type { Bed } from './bed.svelte';

    const { bed }: { bed: Bed } = $props();
    const shares = [
        { share: 0, words: 'Nothing' },
        { share: 0.25, words: 'A quarter' },
        { share: 0.5, words: 'Half' },
        { share: 0.75, words: 'Most of it' },
    ];
    let share = $state<number | null>(null);
    let busy = $state(false);

    async function end(rest: 'used-up' | 'poured-away' | 'kept'): Promise<void> {
        busy = true;
        await bed.finish((share ?? 0) * bed.run.makeMl, rest);
        busy = false;
    }
</script>

<div class="grid w-full gap-3" data-rest>
    <div class="flex flex-wrap gap-2" role="group" aria-label="How much is left">
        {#each shares as one (one.share)}<button
                class="aside-act min-h-14 flex-1"
                aria-pressed={share === one.share}
                disabled={busy}
                onclick={() => {
                    share = one.share;
                    if (one.share === 0) void end('used-up');
                }}>{one.words}</button
            >{/each}
    </div>
    {#if share !== null && share > 0}
        <p>Some {millilitres(share * bed.run.makeMl)} of {bed.run.makeWords}.</p>
        <div class="flex flex-wrap gap-2">
            <button class="act min-h-14 flex-1" disabled={busy} onclick={() => void end('poured-away')}>It is poured away</button>
            <button class="aside-act min-h-14 flex-1" disabled={busy} onclick={() => void end('kept')}>It is kept, labelled</button>
        </div>
    {/if}
</div>
