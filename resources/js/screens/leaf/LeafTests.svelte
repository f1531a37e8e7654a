<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { fromNow } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import Empty from '../../parts/Empty.svelte';
    import Head from '../../parts/Head.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import Waiting from '../../parts/Waiting.svelte';

    const tests = new Loaded(async () => (await taken(api.GET('/api/leaf-tests'))).leafTests);
    undo.followedBy(tests);
</script>

<Head title="Leaf tests"><a class="btn" href="/batches">Start one from a batch</a></Head>
<Waiting of={tests}>
    {#snippet children(all)}
        {#if all.length === 0}
            <Empty
                text="A leaf test shows whether a spray burns before the whole plant has it. It is started from a batch that is mixed."
                to="/batches"
                action="See the batches"
            />
        {/if}
        <ul class="grid gap-2">
            {#each all as test (test.id)}
                <li>
                    <a href={`/leaf-tests/${test.id}`} class="dish hover:border-primary grid gap-1">
                        <span class="flex flex-wrap items-baseline gap-x-3"
                            ><LevelMark level={test.level} /><span class="font-bold">{test.batch.name} on {test.plant.name}</span><span
                                class="quiet sm:ml-auto">wetted {fromNow(test.appliedAt, new Date())}</span
                            ></span
                        >
                        <span>{test.because}</span>
                    </a>
                </li>
            {/each}
        </ul>
    {/snippet}
</Waiting>
