<script lang="ts">
    import type { Snippet } from 'svelte';
    import type { Schemas } from '../../lib/client';
    import { briefly } from '../../lib/verdicts';
    import { standing } from '../../parts/heights';
    import Sprayer from '../../parts/Sprayer.svelte';
    import Stage from '../../parts/Stage.svelte';
    import Rings from './Rings.svelte';
    import StandTests from './StandTests.svelte';
    import type { Tally } from './tally.svelte';
    import type { Walk } from './walk.svelte';

    interface Props {
        tally: Tally;
        walk: Walk;
        catalogue: Schemas['Catalogue'];
        /** What stands above it. */
        top: Snippet;
    }
    const { tally, walk, catalogue, top }: Props = $props();
    /** What hands have to know before the first spoon; what matters for spraying is said when it is mixed. */
    const BEFORE_MIXING = [
        'gas-pressure',
        'oxidiser-and-fuel',
        'flammable',
        'strong-vapour',
        'no-bleach',
        'no-vinegar',
        'skin-and-cats',
        'gloves-and-eyes',
    ];

    const load = $derived(tally.batch.plan.loads[tally.load - 1]);
    const task = $derived(tally.tasks[walk.number - 1]);
    const item = $derived(task === undefined ? undefined : tally.itemOf(tally.load, task));
    const done = $derived(tally.isDone(tally.load, walk.number));
    const sprayer = $derived(tally.batch.sprayer);
    const holds = $derived(sprayer?.holds ?? { amount: (load?.finished_mL ?? 1000) / 1000, unit: 'L' });
    const unit = $derived(catalogue.volumeUnits.find((one) => one.code === holds.unit) ?? { words: 'L', mL: 1000 });
    const before = $derived(tally.tasks[walk.number - 2]?.level_mL ?? 0);
    const stands = $derived(
        task !== undefined && task.level_mL > before ? standing(task.level_mL, holds.amount, unit, sprayer?.pours ?? []) : '',
    );
    const cautions = $derived(
        task?.code === 'protect' ? tally.batch.plan.cautions.filter((one) => BEFORE_MIXING.includes(one.code)).slice(0, 4) : [],
    );
    const stops = $derived(task?.code === 'protect' ? tally.batch.plan.verdicts.filter((one) => one.level === 'stop') : []);
    /** A long sentence is written smaller, so that the sprayer and the rings stay beside it. */
    const long = $derived((task?.text.length ?? 0) > 70);
    const glass = $derived(task?.code === 'stand-test');

    /** Its first sentence; one word before a colon is none. */
    const brief = (text: string): string => /^(?:\w+: )?.*?[.?:](?= |$)/.exec(text)?.[0] ?? text;

    function go(): void {
        if (item !== undefined) {
            tally.tickItem(item);
        } else if (!done) {
            tally.tickStep(tally.load, walk.number, true);
        }
        walk.on();
    }
</script>

<Stage label={say('batch/one-step.what-comes-next')}>
    {#snippet wall()}
        {@render top()}
        <section
            aria-label={say('batch/one-step.step')}
            class="my-auto grid grid-cols-[minmax(0,1fr)_5.5rem] items-center gap-x-3 gap-y-4 py-3 sm:grid-cols-[minmax(15rem,24rem)_minmax(0,1fr)] sm:gap-x-8"
        >
            <div class="order-2 h-36 sm:order-1 sm:h-[clamp(20rem,calc(100dvh-24.5rem),36rem)]" data-part="sprayer">
                <Sprayer
                    shape={sprayer?.shape ?? 'jar'}
                    capacity={holds.amount}
                    level={tally.level / unit.mL}
                    unitWords={unit.words}
                    unitMl={unit.mL}
                    pours={sprayer?.pours ?? []}
                    bare
                />
            </div>
            <div class="order-1 grid gap-2 sm:order-2">
                <p class="quiet" data-step-number>{say('batch/one-step.step-of', { number: walk.number, tasks: tally.tasks.length })}</p>
                <p class={['leading-tight font-bold', long ? 'text-xl sm:text-[2rem]' : 'text-[1.6rem] sm:text-[2.3rem]']} data-part="step">
                    {task?.text}
                </p>
                {#if stands !== ''}<p class="quiet sm:text-lg" data-level>{say('batch/one-step.then-stands', { stands })}</p>{/if}
                <div class="hidden gap-3 sm:grid">{@render hands()}</div>
            </div>
            <div class="order-3 col-span-2 grid gap-3 sm:hidden">{@render hands()}</div>
        </section>
    {/snippet}
    {#snippet apron()}
        <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
            <p class="min-w-52 flex-1" data-next>{say('batch/one-step.next', { then: brief(walk.then) })}</p>
            <div class="flex w-full gap-3 sm:w-auto">
                <button class="aside-act" disabled={!walk.canGoBack} onclick={() => walk.back()}>{say('batch/one-step.back')}</button>
                <button class="act min-h-16 flex-1" data-part="tick" onclick={go}
                    >{done
                        ? say('batch/one-step.on')
                        : item !== undefined
                          ? say('batch/one-step.all-of-in')
                          : glass
                            ? say('batch/one-step.skip-glass')
                            : say('batch/one-step.done')}</button
                >
            </div>
        </div>
    {/snippet}
</Stage>
{#snippet hands()}
    {#if item !== undefined}<Rings {item} {tally} onfull={() => walk.on()} />{/if}
    {#if stops.length > 0}<div class="border-error border-l-8 pl-3" data-against>
            <p class="font-bold">{say('batch/one-step.mixed-all-same-though')}</p>
            {#each stops as stop, i (i)}<p>{briefly(stop.because)}</p>{/each}
        </div>{/if}
    {#if cautions.length > 0}<ul class="list-disc space-y-1 pl-6" data-cautions>
            {#each cautions as caution (caution.code)}<li>{caution.text}</li>{/each}
        </ul>{/if}
    {#if glass}<StandTests
            told
            batch={tally.batch}
            {catalogue}
            ontested={(next) => {
                tally.batch = {
                    ...tally.batch,
                    version: next.version,
                    standTest: next.standTest,
                    standTests: next.standTests,
                    lines: next.lines,
                };
                if (next.standTest === 'even') go();
            }}
        />{/if}
{/snippet}
<p role="status" class="sr-only">{say('batch/one-step.step-2', { number: walk.number, text: task?.text })}</p>
