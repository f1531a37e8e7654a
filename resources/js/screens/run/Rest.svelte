<script lang="ts">
    import { millilitres } from '../../lib/figures';
    import type { Bed } from './bed.svelte';

    const { bed }: { bed: Bed } = $props();
    const shares = [
        { share: 0, words: say('run/rest.nothing') },
        { share: 0.25, words: 'A quarter' },
        { share: 0.5, words: say('run/rest.half') },
        { share: 0.75, words: say('run/rest.most-of') },
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
    <div class="flex flex-wrap gap-2" role="group" aria-label={say('run/rest.how-much-left')}>
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
        <p>{say('run/rest.some-of', { share: millilitres(share * bed.run.makeMl), makeWords: bed.run.makeWords })}</p>
        <div class="flex flex-wrap gap-2">
            <button class="act min-h-14 flex-1" disabled={busy} onclick={() => void end('poured-away')}
                >{say('run/rest.poured-away')}</button
            >
            <button class="aside-act min-h-14 flex-1" disabled={busy} onclick={() => void end('kept')}
                >{say('run/rest.kept-labelled')}</button
            >
        </div>
    {/if}
</div>
