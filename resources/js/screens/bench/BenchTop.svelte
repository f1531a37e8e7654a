<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import { briefly, worst } from '../../lib/verdicts';
    import { navigate } from '../../routes';
    import Stage from '../../parts/Stage.svelte';
    import Apron from './Apron.svelte';
    import type { BenchState } from './bench.svelte';
    import type { DrawerName } from './drawers';
    import Level from './Level.svelte';
    import Memory from './Memory.svelte';
    import Sentence from './Sentence.svelte';
    import Spoons from './Spoons.svelte';

    const { state: bench }: { state: BenchState } = $props();
    const starting = new Sending();
    /** What is opened where it matters, and the card for paper, come once the plan is painted. */
    const later = import('./Later.svelte');
    let drawers = $state<{ show: (name: DrawerName) => Promise<void>; word: (of: string | null) => void }>();
    /** The changed line, for who listens; not the plan. */
    const told = $derived.by(() => {
        const plan = bench.plan;
        const verdict = plan === null ? undefined : worst(plan.verdicts);
        return plan === null
            ? ''
            : `${plan.spoken.make}. ${verdict === undefined || verdict.level === 'ok' ? 'Fine.' : briefly(verdict.because)}`;
    });

    $effect(() => bench.replan(bench.bench));
    // The plan first: what else speaks for and against can wait for it.
    const planned = $derived(bench.plan !== null);
    $effect(() => {
        if (planned) {
            void bench.weighed.ask(bench.caseId);
        }
    });

    // The address says what is set, so that it can be kept, shared and gone back to.
    $effect(() => history.replaceState(history.state, '', `/bench?${bench.address}`));

    async function start(): Promise<void> {
        const now = bench.bench;
        if (now === null) {
            return;
        }
        const batch = await starting.send((submission) =>
            taken(
                api.POST('/api/batches', {
                    body: {
                        submission,
                        bench: now,
                        sprayerId: bench.filling.sprayerId || null,
                        plantId: bench.plantId || null,
                        caseId: bench.caseId || null,
                        courseId: bench.courseId || null,
                        stockBatchId: bench.jarId || null,
                        forLeafTest: bench.filling.cup,
                    },
                }),
            ),
        );
        if (batch !== null) {
            undo.made(
                'batches',
                batch,
                say('bench/bench-top.batch-of', { makeWords: batch.makeWords, name: batch.name }),
                '/bench',
                'Begun.',
            );
            void navigate('/batches/:id', { params: { id: String(batch.id) } });
        }
    }
</script>

<div class="no-print">
    <Stage label={say('bench/bench-top.decision')}>
        {#snippet wall()}
            <Sentence state={bench} />
            {#await later then { FirstKit }}<FirstKit state={bench} />{/await}
            <!-- Without an address it is no link: nothing is mixed already. -->
            {#if bench.shelf.opening.note}<a class={bench.shelf.opening.to && 'link'} href={bench.shelf.opening.to} data-note
                    >{bench.shelf.opening.note}</a
                >{/if}
            {#if bench.found}<p class="quiet text-sm leading-tight" data-found>{bench.found}</p>{/if}
            {#if bench.plan !== null}
                <div class="flex items-center gap-3">
                    <button
                        class={['quiet min-h-11 text-left leading-tight', bench.memory !== null && 'hidden sm:block']}
                        onclick={() => void drawers?.show('settings')}
                        >{bench.plan.spoken.strength.join(', ') || say('bench/bench-top.nothing-reckoned-in-percent')}{bench.changed
                            ? say('bench/bench-top.changed-here')
                            : ''}{bench.plan.loads.length > 1 ? `; ${bench.plan.spoken.loads}` : ''}</button
                    >
                    <Memory state={bench} />
                    {#if bench.filling.canPutBack}<button
                            class="link ml-auto inline-flex min-h-11 min-w-11 items-center gap-1 font-bold"
                            aria-label={say('bench/bench-top.put-level-back')}
                            onclick={() => bench.filling.putBack()}>{say('bench/bench-top.undo')}</button
                        >{/if}
                </div>
            {/if}
            <div
                class="mt-auto grid grid-cols-[6.5rem_minmax(0,1fr)] items-end gap-3 pb-3 sm:flex-1 sm:grid-cols-[18rem_minmax(0,1fr)] sm:gap-8"
            >
                <Level state={bench} />
                {#if bench.plan !== null}<Spoons
                        plan={bench.plan}
                        easier={bench.easier}
                        onround={() => bench.makeRound()}
                        word={(of) => drawers?.word(of)}
                    />{/if}
            </div>
        {/snippet}
        {#snippet apron()}
            <Apron state={bench} {starting} start={() => void start()} why={() => void drawers?.show('why')} />
        {/snippet}
    </Stage>
    <p role="status" class="sr-only">{told}</p>
</div>
{#await later then { default: Later }}<Later bind:this={drawers} state={bench} {start} />{/await}
