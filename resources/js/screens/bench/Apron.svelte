<script lang="ts">
    import { briefly, worst } from '../../lib/verdicts';
    import type { Sending } from '../../lib/sending.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import Standing from '../../parts/Standing.svelte';
    import type { BenchState } from './bench.svelte';

    interface Props {
        state: BenchState;
        starting: Sending;
        start: () => void;
        /** Shows all that was found. */
        why: () => void;
    }
    const { state: bench, starting, start, why }: Props = $props();
    const verdict = $derived(bench.plan === null ? undefined : worst(bench.plan.verdicts, bench.mending?.about));
    const final = $derived(bench.memory?.final === true);
    /** Said before what the plan says, unless that stops it: that something works better is no stop. */
    const barred = $derived(final ? bench.memory?.words : verdict?.level === 'stop' ? undefined : bench.against[0]);
    const level = $derived(final ? 'stop' : barred === undefined ? (verdict?.level ?? 'ok') : 'caution');
    const sentence = $derived(
        barred ?? (verdict === undefined || verdict.level === 'ok' ? say('bench/apron.nothing-speaks-against') : briefly(verdict.because)),
    );
    /** What mends it, as a button. */
    const remedy = $derived.by(() => {
        const instead = bench.instead;
        if (instead !== null) {
            return { words: say('bench/apron.take', { name: instead.name }), press: () => bench.take(instead) };
        }
        const mending = bench.mending;
        return mending === null || level === 'ok' ? null : { words: mending.words, press: () => bench.mend(mending) };
    });
    const held = $derived(bench.plan === null || starting.held);
</script>

<FaultNote fault={bench.fault} />
<FormFoot form={starting} send={start} />
<div class="grid grid-cols-2 items-stretch gap-x-3 gap-y-2 lg:grid-cols-[1fr_auto_auto] lg:items-center lg:gap-x-4">
    {#if bench.plan !== null}
        <p class="col-span-2 flex items-start gap-2 lg:col-span-1" id="bench-verdict" data-part="verdict" data-level={level}>
            <LevelMark {level} />
            <span class="min-w-0 flex-1"
                >{sentence}
                {#if level !== 'ok' && verdict !== undefined && barred === undefined}<Standing {verdict} />{/if}
                <button class="link -my-2.5 inline-flex min-h-11 min-w-11 items-center justify-center align-middle font-bold" onclick={why}
                    >{say('bench/apron.why')}</button
                ></span
            >
        </p>
    {/if}
    {#if level === 'stop' || bench.instead !== null}
        {#if remedy !== null}
            <button class="act" aria-describedby="bench-verdict" data-part="act" data-mend onclick={remedy.press}>{remedy.words}</button>
        {:else}
            <a class="act" href="/" aria-describedby="bench-verdict" data-part="act">{say('bench/apron.leave-for-now')}</a>
        {/if}
        <button class="aside-act" aria-describedby="bench-verdict" disabled={held} onclick={start}>{say('bench/apron.mix-all-same')}</button
        >
    {:else}
        {#if remedy !== null}<button class="aside-act" aria-describedby="bench-verdict" data-part="remedy" data-mend onclick={remedy.press}
                >{remedy.words}</button
            >{/if}
        <button
            class={['act', remedy === null && 'col-span-2 lg:col-span-1']}
            aria-describedby="bench-verdict"
            data-part="act"
            disabled={held}
            onclick={start}>{say('bench/apron.start-mixing')}</button
        >
    {/if}
</div>
