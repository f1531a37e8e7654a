<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { atTime } from '../../lib/time';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { route } from '../../routes';
    import { codeOf } from './code';

    const id = Number(route.params.id);
    const page = new Loaded(() => taken(api.GET('/api/batches/{id}', { params: { path: { id } } })));
    const address = `${location.origin}/batches/${id}`;
    const code = codeOf(address);
    const home = ['127.0.0.1', 'localhost', '[::1]'].includes(location.hostname);
</script>

<Head title="Label"><button class="btn btn-primary" onclick={() => print()}>Print it</button></Head>
<Waiting of={page}>
    {#snippet children(batch)}
        <article class="label grid gap-2 border-2 p-4" aria-label="The label">
            <h2 class="text-2xl">{batch.name}</h2>
            <p class="font-bold">Not for drinking. Keep from children and pets.</p>
            <div class="grid grid-cols-[1fr_auto] gap-3">
                <dl class="grid grid-cols-[auto_1fr] content-start gap-x-3 gap-y-1">
                    <dt>In it</dt>
                    <dd>{batch.plan.lines.map((line) => line.name).join(', ')}, water</dd>
                    <dt>Strength</dt>
                    <dd>{(batch.actual?.spoken ?? batch.plan.spoken.strength).join(', ')}</dd>
                    <dt>Mixed</dt>
                    <dd>{batch.madeAt === null ? 'not yet' : atTime(batch.madeAt)}, {batch.makeWords}</dd>
                    <dt>Throw away</dt>
                    <dd class="font-bold" data-until>{batch.discardAt === null ? 'the same day' : `by ${atTime(batch.discardAt)}`}</dd>
                </dl>
                <svg viewBox={`-2 -2 ${code.size + 4} ${code.size + 4}`} class="code" role="img" aria-label={`Code that opens ${address}`}>
                    <rect x="-2" y="-2" width={code.size + 4} height={code.size + 4} fill="#fff" />
                    <path d={code.path} fill="#000" />
                </svg>
            </div>
            <ul class="list-disc pl-5 text-sm">
                {#each batch.labelCautions as caution, i (i)}<li>{caution}</li>{/each}
            </ul>
        </article>
        <p class="no-print quiet mt-3">
            The code opens {address}.{home
                ? ' From a phone that only works once this machine serves the house: open the page by its own address first.'
                : ''}
        </p>
    {/snippet}
</Waiting>

<style>
    .label {
        max-width: 32rem;
        border-color: var(--color-base-content);
    }
    .code {
        width: 8rem;
        height: 8rem;
        print-color-adjust: exact;
        forced-color-adjust: none;
    }
</style>
