<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import { atTime, onDay } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import Correctable from '../../parts/Correctable.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { route } from '../../routes';
    import LookForm from './LookForm.svelte';
    import LotMap from './LotMap.svelte';
    import Sides from './Sides.svelte';

    const id = Number(route.params.id);
    const page = new Loaded(() => taken(api.GET('/api/trials/{id}', { params: { path: { id } } })));
    undo.followedBy(page);
    const sending = new Sending();
    let shown = $state(false);
    let conclusion = $state('');

    async function change(trial: Schemas['Trial'], body: { sprayed?: boolean; ended?: boolean; conclusion?: string }): Promise<void> {
        const saved = await sending.send(() =>
            taken(api.PUT('/api/trials/{id}', { params: { path: { id: trial.key } }, body: { basedOn: trial.version, ...body } })),
        );
        if (saved !== null) {
            undo.changed('trials', saved, say('trials/trial.trial'), say('trials/trial.trial-changed'));
            page.value = saved;
        }
    }
    const mean = (trial: Schemas['Trial'], counts: (number | null)[], first: boolean): string => {
        const all = counts.filter((count, i): count is number => count !== null && trial.lots[i] === first);
        return all.length === 0 ? '?' : String(Math.round((10 * all.reduce((a, b) => a + b, 0)) / all.length) / 10);
    };
</script>

<Waiting of={page}>
    {#snippet children(trial)}
        {@const hidden = trial.blind && trial.endedAt === null && !shown}
        <Head title={trial.name}><button class="btn" onclick={() => print()}>{say('trials/trial.print-map-and-labels')}</button></Head>
        <p class="quiet -mt-3 mb-3">
            {say('trials/trial.since-half-and-half-by', {
                pestName: trial.pestName,
                begunAt: onDay(trial.begunAt),
                units: trial.units,
                unit: trial.unit === 'leaf' ? say('trials/trial.marked-leaves') : say('trials/trial.plants'),
            })}
            {trial.unit === 'leaf' ? trial.plants.map((one) => one.plant.name).join(', ') : ''}
        </p>
        <section class="apron -mx-4 px-4 py-4 sm:mx-0" aria-label={say('trials/trial.what-says')} data-part="act">
            <p class="text-xl font-bold" data-result>{hidden ? say('trials/trial.what-says-hidden-from-who') : trial.result}</p>
            {#if trial.endedAt === null}<p class="mt-1" data-plan>{trial.plan}</p>{/if}
            {#if trial.endedAt === null && trial.sprayedAt === null && trial.looks.length > 0}
                <div class="no-print mt-3"><Sides {trial} {hidden} /></div>
            {/if}
            <div class="no-print mt-2 flex flex-wrap gap-2">
                {#if trial.looks.length > 0 && trial.sprayedAt === null}<button
                        class={trial.sides.length === 0 ? 'act' : 'aside-act'}
                        disabled={sending.held}
                        onclick={() => void change(trial, { sprayed: true })}
                        >{trial.sides.length === 0 ? say('trials/trial.sprayed') : say('trials/trial.all-sprayed')}</button
                    >{/if}
                {#if trial.sprayedAt !== null && trial.endedAt === null}<button
                        class="aside-act"
                        disabled={sending.held}
                        onclick={() => void change(trial, { ended: true, conclusion })}>{say('trials/trial.end')}</button
                    >{/if}
                {#if trial.blind && trial.endedAt === null}<button class="aside-act" onclick={() => (shown = !shown)}
                        >{shown ? say('trials/trial.hide-who-got-what') : say('trials/trial.i-spray-show-who-gets')}</button
                    >{/if}
            </div>
            <FormFoot form={sending} send={() => void change(trial, {})} />
        </section>
        <div class="mt-5 grid gap-6 lg:grid-cols-2">
            <div class="dish"><LotMap {trial} {hidden} /></div>
            <section class="dish no-print" aria-label={say('trials/trial.looks')}>
                <h2>{say('trials/trial.looks')}</h2>
                {#if trial.looks.length > 0}
                    <table class="my-2 w-full text-left">
                        <thead
                            ><tr
                                ><th scope="col">{say('trials/trial.when')}</th><th scope="col"
                                    >{hidden ? say('trials/trial.all') : say('trials/trial.mean-per', { unit: trial.unit })}</th
                                >{#if !hidden}<th scope="col">{say('trials/trial.b-mean-per', { unit: trial.unit })}</th>{/if}</tr
                            ></thead
                        >
                        <tbody>
                            {#each trial.looks as look (look.id)}
                                <tr data-look={look.id}>
                                    <td>{atTime(look.countedAt)}</td>
                                    {#if hidden}<td>{say('trials/trial.counted')}</td>{:else}<td class="numeral"
                                            >{mean(trial, look.counts, true)}</td
                                        ><td class="numeral">{mean(trial, look.counts, false)}</td>{/if}
                                </tr>
                            {/each}
                        </tbody>
                    </table>
                    <details>
                        <summary class="min-h-11 cursor-pointer py-2">{say('trials/trial.correct-look-or-take-back')}</summary>
                        {#each trial.looks as look (`${look.id} ${look.version}`)}
                            <Correctable
                                kind="trial-looks"
                                of={look}
                                what={say('trials/trial.look-of', { countedAt: atTime(look.countedAt) })}
                                changes={look.version - 1}
                            >
                                {#snippet head()}<span>{atTime(look.countedAt)}</span>{/snippet}
                                {#snippet form(done)}<LookForm
                                        {trial}
                                        {look}
                                        onsaved={(next) => {
                                            done();
                                            page.value = next;
                                        }}
                                    />{/snippet}
                            </Correctable>
                        {/each}
                    </details>
                {/if}
                {#if trial.endedAt === null}<LookForm {trial} onsaved={(next) => (page.value = next)} />{:else}<p>
                        {say('trials/trial.ended', { endedAt: onDay(trial.endedAt), conclusion: trial.conclusion })}
                    </p>{/if}
                {#if trial.sprayedAt !== null && trial.endedAt === null}<label class="mt-3 grid gap-1"
                        ><span>{say('trials/trial.what-came-of')}</span><textarea
                            class="textarea w-full"
                            rows="2"
                            maxlength="1000"
                            bind:value={conclusion}></textarea></label
                    >{/if}
            </section>
        </div>
    {/snippet}
</Waiting>
