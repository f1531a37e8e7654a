<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import type { BenchState } from './bench.svelte';

    const { state: bench }: { state: BenchState } = $props();
    const sending = new Sending();

    async function washed(): Promise<void> {
        const { sprayer } = bench.filling;
        if (!sprayer) {
            return;
        }
        const said = await sending.send((submission) =>
            taken(api.POST('/api/sprayers/{id}/events', { params: { path: { id: sprayer.key } }, body: { submission, kind: 'washed' } })),
        );
        if (said !== null) {
            undo.made('sprayer-events', said.saved, say('bench/memory.wash-of', { name: sprayer.name }));
            await bench.restock();
        }
    }
</script>

{#if bench.memory !== null}
    <span
        class="inline-flex min-h-11 flex-wrap items-center gap-x-2 leading-tight"
        data-memory={bench.memory.code}
        title={bench.memory.words}
    >
        <LevelMark level={bench.memory.final ? 'stop' : 'caution'} silent />
        <span>{bench.memory.briefly}.</span>
        {#if !bench.memory.final}<button
                class="link min-h-11 min-w-11 font-bold"
                aria-label={say('bench/memory.empty-and-washed')}
                disabled={sending.held}
                onclick={() => void washed()}>{say('bench/memory.washed')}</button
            >{/if}
        <FormFoot form={sending} send={() => void washed()} />
    </span>
{/if}
