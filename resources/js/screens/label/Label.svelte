<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { atTime } from '../../lib/time';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { route } from '../../routes';
    import { briefly } from '../../lib/verdicts';
    import { codeOf } from './code';

    const id = Number(route.params.id);
    const page = new Loaded(() => taken(api.GET('/api/batches/{id}', { params: { path: { id } } })));
    const address = `${location.origin}/batches/${id}`;
    const code = codeOf(address);
    const home = ['127.0.0.1', 'localhost', '[::1]'].includes(location.hostname);
</script>

<Head title={say('label/label.label')}><button class="btn btn-primary" onclick={() => print()}>{say('label/label.print')}</button></Head>
<Waiting of={page}>
    {#snippet children(batch)}
        <article class="label grid gap-2 border-2 p-4" aria-label={say('label/label.label-2')}>
            <h2 class="text-2xl">{batch.name}</h2>
            <p class="font-bold">{say('label/label.not-for-drinking-keep-from')}</p>
            <div class="grid grid-cols-[1fr_auto] gap-3">
                <dl class="grid grid-cols-[auto_1fr] content-start gap-x-3 gap-y-1">
                    <dt>{say('label/label.in')}</dt>
                    <dd>
                        {say('label/label.water', {
                            lines: (batch.actual?.lines ?? batch.plan.lines)
                                .map((line) => line.name)
                                .filter((name, i, all) => all.indexOf(name) === i)
                                .join(', '),
                        })}
                    </dd>
                    <dt>{say('label/label.strength')}</dt>
                    <dd>{(batch.actual?.spoken ?? batch.plan.spoken.strength).join(', ')}</dd>
                    <dt>{say('label/label.mixed')}</dt>
                    <dd>{batch.madeAt === null ? say('label/label.not-yet') : atTime(batch.madeAt)}, {batch.makeWords}</dd>
                    <dt>{say('label/label.state')}</dt>
                    <dd data-state={batch.bottle.state}>{batch.bottle.words}</dd>
                    <dt>{say('label/label.throw-away')}</dt>
                    <dd class="font-bold" data-until>
                        {batch.discardAt === null
                            ? say('label/label.same-day')
                            : say('label/label.by', { discardAt: atTime(batch.discardAt) })}
                    </dd>
                    {#if batch.gate !== null}<dt>{say('label/label.on-its-plant', { plant: batch.plant?.name ?? '' })}</dt>
                        <dd data-gate-says>
                            {batch.gate.reasons[0] === undefined ? say('label/label.may-go-on') : briefly(batch.gate.reasons[0].text)}
                            {#if batch.gate.pickFromDays > 0}{say('label/label.pick-from', { days: batch.gate.pickFromDays })}{/if}
                        </dd>{/if}
                </dl>
                <svg
                    viewBox={`-2 -2 ${code.size + 4} ${code.size + 4}`}
                    class="code"
                    role="img"
                    aria-label={say('label/label.code-that-opens', { address })}
                >
                    <rect x="-2" y="-2" width={code.size + 4} height={code.size + 4} fill="#fff" />
                    <path d={code.path} fill="#000" />
                </svg>
            </div>
            <ul class="list-disc pl-5 text-sm">
                {#each batch.labelCautions as caution, i (i)}<li>{caution}</li>{/each}
            </ul>
        </article>
        <p class="no-print quiet mt-3">
            {say('label/label.code-opens', { address, home: home ? say('label/label.from-phone-that-only-works') : '' })}
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
