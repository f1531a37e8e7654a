<script lang="ts">
    import { onMount, untrack } from 'svelte';
    import type { Schemas } from '../../lib/client';
    import FaultNote from '../../parts/FaultNote.svelte';
    import Head from '../../parts/Head.svelte';
    import Stage from '../../parts/Stage.svelte';
    import { stayAwake } from '../batch/awake';
    import { Bed } from './bed.svelte';
    import Done from './Done.svelte';
    import Rest from './Rest.svelte';
    import ShakeClock from './ShakeClock.svelte';
    import SoakClock from './SoakClock.svelte';
    import WhereOn from './WhereOn.svelte';

    const { run }: { run: Schemas['Run'] } = $props();
    const bed = untrack(() => new Bed(run));
    const step = $derived(bed.current);
    const paused = $derived(bed.run.pausedAt !== null);
    const shakes = $derived(bed.run.reshakeSeconds);
    /** The plant that is sprayed now, where it is one of many that are kept clean. */
    const kept = $derived(bed.run.plants.find((one) => one.step === step?.key && one.course !== null));
    onMount(() => {
        const stop = [bed.follow(), stayAwake()];
        return () => stop.forEach((one) => one());
    });
</script>

{#if step === null}
    <Done run={bed.run} />
{:else}
    <Stage label={say('run/walk.what-comes-next')}>
        {#snippet wall()}
            <Head title={say('run/walk.in-bed', { name: bed.run.batch.name })} small />
            <section class="my-auto grid gap-4 py-3" aria-label={say('run/walk.step')}>
                <p class="quiet" data-step-number>{say('run/walk.step-of', { number: bed.number, steps: bed.run.steps.length })}</p>
                <p class="text-[1.7rem] leading-tight font-bold sm:text-[2.6rem]" data-part="step" data-step={step.key}>
                    {paused ? say('run/walk.paused') : step.say}
                </p>
                {#if !paused}
                    <div class="flex items-start gap-x-4 sm:items-center sm:gap-x-6">
                        <p class="min-w-0 max-w-prose flex-1 sm:text-xl">{step.more}</p>
                        {#if step.putOn !== null}<WhereOn how={step.putOn} />{/if}
                    </div>
                    {#if kept !== undefined}<p>
                            <a
                                class="link inline-flex min-h-11 items-center"
                                href={`/courses/${kept.course}?plant=${kept.plantId}#look`}
                                data-found>{say('run/walk.something-on-it')}</a
                            >
                        </p>{/if}
                    {#if step.kind === 'plant' && shakes !== null}<ShakeClock seconds={shakes} words={bed.run.reshakeWords} />{/if}
                    {#if step.minutes !== null}{#key step.key}<SoakClock {bed} />{/key}{/if}
                {/if}
            </section>
            {#if bed.fault?.waits}
                <p role="status" class="border-info border-l-8 pl-3 font-bold">{bed.fault.message}</p>
            {:else}
                <FaultNote fault={bed.fault} again={() => void bed.send()} />
            {/if}
        {/snippet}
        {#snippet apron()}
            <div class="flex flex-wrap items-center gap-3">
                {#if !paused && bed.next !== null}<p class="w-full truncate" data-next>
                        {say('run/walk.next', { say: bed.next.say })}
                    </p>{/if}
                {#if paused}
                    <button class="act min-h-16 flex-1" onclick={() => void bed.pause(false)}>{say('run/walk.go-on')}</button>
                {:else if step.kind === 'rest'}
                    <Rest {bed} />
                {:else}
                    {@const last = bed.last}
                    <button class="aside-act" disabled={last === null} onclick={() => last !== null && void bed.tap(last.key, false)}
                        >{say('run/walk.back')}</button
                    >
                    <button class="aside-act" onclick={() => void bed.pause(true)}>{say('run/walk.pause')}</button>
                    {#if bed.run.leaveOutKey !== null}{@const left = bed.run.leaveOutKey}<button
                            class="aside-act"
                            onclick={() => void bed.tap(left, true)}>{say('run/walk.not-this-time')}</button
                        >{/if}
                    {#if bed.run.emptyKey !== null}{@const empty = bed.run.emptyKey}<button
                            class="aside-act"
                            onclick={() => void bed.tap(empty, true)}>{say('run/walk.empty')}</button
                        >{/if}
                    {#if step.kind === 'mix'}<a class="act min-h-16 flex-1" href={`/batches/${bed.run.batch.id}`}
                            >{bed.run.bottle.actWords}</a
                        >{:else}<button class="act min-h-16 flex-1" data-part="done" onclick={() => void bed.tap(step.key, true)}
                            >{step.kind === 'plant' ? say('run/walk.this-plant-done') : say('run/walk.done')}</button
                        >{/if}
                {/if}
            </div>
        {/snippet}
    </Stage>
    <p role="status" class="sr-only">{say('run/walk.step-2', { number: bed.number, say: step.say })}</p>
{/if}
