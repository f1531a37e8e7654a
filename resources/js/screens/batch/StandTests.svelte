<script lang="ts">
    import { onDestroy } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import { undo } from '../../lib/undo.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';

    interface Props {
        batch: Schemas['Batch'];
        catalogue: Schemas['Catalogue'];
        /** The step says already what is to be done. */
        told?: boolean;
        ontested: (batch: Schemas['Batch']) => void;
    }
    const { batch, catalogue, told = false, ontested }: Props = $props();
    const sending = new Sending();
    let startedAt = $state(0);
    let now = $state(0);
    const clock = setInterval(() => (now = Date.now()), 250);
    onDestroy(() => clearInterval(clock));
    const seconds = $derived(startedAt === 0 ? 0 : Math.max(0, Math.floor((now - startedAt) / 1000)));
    const given = $derived(batch.standTests.some((one) => one.code === 'give-up'));

    function start(): void {
        now = Date.now();
        startedAt = now;
    }

    const adding = new Sending();

    /** What the glass asked for is in: a line of the batch, and another glass says whether it holds now. */
    async function added(add: NonNullable<Schemas['Batch']['standTests'][number]['add']>): Promise<void> {
        const saved = await adding.send((submission) =>
            taken(
                api.POST('/api/batches/{id}/lines', {
                    params: { path: { id: batch.key } },
                    body: { submission, kind: 'added', ingredient: add.ingredient, amount: add.amount },
                }),
            ),
        );
        if (saved !== null) {
            undo.changed('batches', saved, say('batch/happened.batch'), say('batch/happened.written-down'));
            ontested(saved);
        }
    }

    let last = $state('');

    async function keep(result: string): Promise<void> {
        last = result;
        const stood = startedAt === 0 ? {} : { seconds: Math.max(1, (Date.now() - startedAt) / 1000) };
        const saved = await sending.send((submission) =>
            taken(
                api.POST('/api/batches/{id}/stand-tests', {
                    params: { path: { id: batch.key } },
                    body: { submission, result: result as 'even' | 'ring' | 'beads' | 'layer' | 'scum', ...stood },
                }),
            ),
        );
        if (saved !== null) {
            startedAt = 0;
            ontested(saved);
        }
    }
</script>

<section class={['grid gap-3', !told && 'dish']} aria-label={say('batch/stand-tests.stand-test')}>
    {#if !told}<h2>{say('batch/stand-tests.stand-test')}</h2>{/if}
    {#each batch.standTests as test, i (test.id)}
        <div class={['border-l-8 pl-3', test.code === 'even' ? 'border-success' : 'border-error']} data-stand={test.code}>
            <LevelMark level={test.code === 'even' ? 'ok' : test.code === 'give-up' ? 'stop' : 'caution'} />
            <p>
                <strong
                    >{say('batch/stand-tests.glass', {
                        i: i + 1,
                        words:
                            test.seconds === null
                                ? test.words
                                : say('batch/stand-tests.after-s', { words: test.words, seconds: Math.round(test.seconds) }),
                    })}</strong
                >
                {test.advice}
            </p>
            {#if test.add !== null && i === batch.standTests.length - 1 && batch.standTest !== 'not-done'}{@const add = test.add}
                <button type="button" class="btn" disabled={adding.held} onclick={() => void added(add)}
                    >{say('batch/stand-tests.i-added-it')}</button
                >{/if}
        </div>
    {/each}
    {#if !given}
        {#if !told}<p>{say('batch/stand-tests.fill-glass-8-cm-high')}</p>{/if}
        {#if startedAt === 0}
            <button type="button" class="btn" onclick={start}>{say('batch/stand-tests.glass-stands-start-minute')}</button>
        {:else}
            <p class="numeral text-3xl" role="timer">
                {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, '0')}{#if seconds >= 60}<span class="text-base">
                        {say('batch/stand-tests.minute-over-look-now')}</span
                    >{/if}
            </p>
        {/if}
        <div class="flex flex-wrap gap-2">
            {#each catalogue.standTests.filter((one) => one.code !== 'not-done') as one (one.code)}
                <button type="button" class="btn" disabled={sending.held} onclick={() => void keep(one.code)}>{one.words}</button>
            {/each}
        </div>
    {/if}
    <FormFoot form={sending} send={() => void keep(last)} />
    <FormFoot
        form={adding}
        send={() => {
            const add = batch.standTests.at(-1)?.add ?? null;
            if (add !== null) void added(add);
        }}
    />
</section>
