<script lang="ts">
    import { end as endBatch } from '../../lib/batches';
    import { bottlePlace } from '../../lib/bottle';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import { bestHours } from '../../lib/tasks';
    import { atTime } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import { briefly } from '../../lib/verdicts';
    import FormFoot from '../../parts/FormFoot.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import { actOf } from './act';
    import { caseOf } from '../../lib/case';
    import CourseForm from './CourseForm.svelte';
    import QuickCount from './QuickCount.svelte';

    interface Props {
        one: Schemas['Case'];
        onsaved: (next: Schemas['Case']) => void;
        /** Whoever counts spot by spot goes there. */
        onlook: () => void;
    }
    const { one, onsaved, onlook }: Props = $props();
    const spraying = new Sending();
    const ending = new Sending();
    /** The batch that was sprayed just now: is any of it left? */
    let left = $state('');
    const act = $derived(actOf(one, new Date()));
    /** What the gate says of what stands mixed. */
    const gate = $derived(act.kind === 'spray' ? act.batch.gate : undefined);
    const reason = $derived(gate?.reasons[0]);
    const due = $derived(one.next.find((task) => task.kind === 'next-round' || task.kind === 'first-round'));

    /** It may not go on, or is not proven: the reason to spray all the same stays in the record. */
    const closed = $derived(gate !== undefined && gate.closed !== '');
    let why = $state('');

    async function sprayed(): Promise<void> {
        if (act.kind !== 'spray') {
            return;
        }
        const batch = act.batch.key;
        const saved = await spraying.send((submission) =>
            taken(
                api.POST('/api/cases/{id}/rounds', {
                    params: { path: { id: one.key } },
                    body: { submission, batch, handWork: false, notes: '', override: why },
                }),
            ),
        );
        if (saved !== null) {
            if (saved.saved !== null) {
                undo.made('rounds', saved.saved, say('cases/next-act.round'));
            }
            left = batch;
            why = '';
            onsaved(saved);
        }
    }

    async function sprayAfterAll(): Promise<void> {
        if (one.waiting !== null) {
            await undo.does('take-back', 'waits', one.waiting, say('cases/next-act.waiting'));
        }
    }

    async function end(usedUp: boolean): Promise<void> {
        if ((await ending.send(() => endBatch(left, usedUp))) !== null) {
            left = '';
        }
    }

    /** What comes next is another act, once it was counted. */
    const counted = (): void => void caseOf(one).then(onsaved);
</script>

<section
    aria-label={say('cases/next-act.what-next')}
    class="apron no-print -mx-4 px-4 py-4 sm:mx-0 sm:rounded-b"
    data-part="act"
    data-act={act.kind}
>
    {#if left !== ''}
        <div class="mb-3 flex flex-wrap items-center gap-3" data-left>
            <p class="font-bold">{say('cases/next-act.any-of-left')}</p>
            <button class="aside-act" disabled={ending.held} onclick={() => void end(true)}>{say('cases/next-act.all-used-up')}</button>
            <button class="aside-act" disabled={ending.held} onclick={() => void end(false)}>{say('cases/next-act.poured-away')}</button>
            <button class="aside-act" onclick={() => (left = '')}>{say('cases/next-act.kept')}</button>
            <FormFoot form={ending} send={() => void end(true)} />
        </div>
    {/if}
    {#if one.asksBudBreak}
        <p class="mb-2 font-bold">{say('cases/next-act.buds')}</p>
        <CourseForm {one} buds {onsaved} />
    {/if}
    {#if one.friends !== ''}<p class="mb-2" data-friends>{one.friends}</p>{/if}
    <div class="flex flex-wrap items-center gap-x-5 gap-y-3">
        {#if act.kind === 'spray'}
            <p class="min-w-56 flex-1" id="next-act">
                <strong class="block text-xl"
                    >{say('cases/next-act.stands', { name: act.batch.name, stands: act.batch.bottle.words.toLowerCase() })}</strong
                >
                {#if reason !== undefined}<span class="flex items-start gap-2" data-gate-says
                        ><LevelMark level={reason.level} /><span>{briefly(reason.text)} {reason.remedy}</span></span
                    >{:else}{act.batch.how}{/if}
                {#if act.off !== null}<span class="mt-1 block" data-off
                        >{say('cases/next-act.due', { dueAt: atTime(act.off.dueAt), moves: act.off.moves.join(' ') })}</span
                    >{/if}
            </p>
            {#if closed}
                {#if reason?.level === 'stop'}<a class="act" href={`/cases/${one.id}/choose`}>{say('cases/next-act.choose-another')}</a
                    >{:else}<a class="act" href={bottlePlace(act.batch.bottle, act.batch.id, one.id)}>{act.batch.bottle.actWords}</a>{/if}
                <details class="w-full" data-gate>
                    <summary class="link min-h-11 cursor-pointer py-2">{say('cases/next-act.was-sprayed-all-same')}</summary>
                    <form
                        class="flex flex-wrap items-end gap-3"
                        onsubmit={(event) => {
                            event.preventDefault();
                            void sprayed();
                        }}
                    >
                        <label class="grid min-w-56 flex-1 gap-1"
                            ><span class="font-bold">{say('cases/next-act.why-without-proof')}</span><input
                                class="input w-full"
                                maxlength="500"
                                required
                                bind:value={why}
                            /></label
                        >
                        <button class="aside-act" disabled={spraying.held || why.trim() === ''}
                            >{say('cases/next-act.sprayed-for-that-reason')}</button
                        >
                    </form>
                </details>
            {:else if act.batch.bottle.act !== 'spray'}
                <a class="act" href={bottlePlace(act.batch.bottle, act.batch.id, one.id)}>{act.batch.bottle.actWords}</a>
                <button class="aside-act" aria-describedby="next-act" disabled={spraying.held} onclick={() => void sprayed()}
                    >{say('cases/next-act.sprayed')}</button
                >
            {:else}
                <a class="aside-act" href={`/bed?batch=${act.batch.id}&case=${one.id}`}>{say('cases/next-act.step-by-step')}</a>
                <button class="act" aria-describedby="next-act" disabled={spraying.held} onclick={() => void sprayed()}
                    >{say('cases/next-act.sprayed')}</button
                >
            {/if}
        {:else if act.kind === 'count'}
            <QuickCount caseKey={one.key} counted={one.counted} main onsaved={counted} />
            <button class="aside-act self-end" onclick={onlook}>{say('cases/next-act.on-each', { spot: one.look.spot })}</button>
        {:else if act.kind === 'begin'}
            <p class="w-full text-xl font-bold">{say('cases/next-act.count-what-there-first-without')}</p>
            <QuickCount caseKey={one.key} counted={one.counted} main onsaved={counted} />
            <button class="aside-act self-end" onclick={onlook}>{say('cases/next-act.on-each', { spot: one.look.spot })}</button>
            <a class="aside-act" href={`/bench?case=${one.id}`}>{say('cases/next-act.mix')}</a>
        {:else if act.kind === 'mix' || act.kind === 'decide'}
            <p class="min-w-56 flex-1" id="next-act">
                <strong class="block text-xl"
                    >{one.rounds.length > 0 ? say('cases/next-act.next-round-due') : say('cases/next-act.not-sprayed-yet')}</strong
                >
                {#if due !== undefined}<span data-best>{bestHours(due, new Date())}</span>{/if}
            </p>
            {#if act.kind === 'decide'}<a class="act" href={`/cases/${one.id}/choose`} aria-describedby="next-act"
                    >{say('cases/next-act.decide')}</a
                ><a class="aside-act" href={`/bench?case=${one.id}`}>{say('cases/next-act.mix')}</a>
            {:else}<a class="act" href={`/bench?case=${one.id}`} aria-describedby="next-act">{say('cases/next-act.mix')}</a>{/if}
        {:else if act.kind === 'wait'}
            <p class="min-w-56 flex-1" id="next-act">
                <strong class="block text-xl">{act.words} {atTime(act.at)}.</strong>
                {#if one.waiting !== null}<span data-waiting>{one.waiting.words}</span>{/if}
            </p>
            {#if one.waiting !== null}<button class="aside-act" disabled={undo.busy} onclick={() => void sprayAfterAll()}
                    >{say('cases/next-act.spray-after-all')}</button
                >{/if}
        {:else}
            <p class="min-w-56 flex-1 text-xl font-bold">{say('cases/next-act.nothing-due-look-again-in')}</p>
        {/if}
    </div>
    <FormFoot form={spraying} send={() => void sprayed()} />
</section>
