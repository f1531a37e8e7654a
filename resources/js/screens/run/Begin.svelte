<script lang="ts">
    import { openCases } from '../../lib/cases';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import { briefly } from '../../lib/verdicts';
    import Head from '../../parts/Head.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { navigate } from '../../routes';
    import QuickCount from '../cases/QuickCount.svelte';

    const asked = new URLSearchParams(location.search);
    const batch = Number(asked.get('batch'));
    const sending = new Sending();
    /** In the order in which they were tapped. */
    let chosen = $state<number[]>(asked.get('case') === null ? [] : [Number(asked.get('case'))]);
    const course = Number(asked.get('course') ?? 0);
    /** Plants with a case of their own, after those of the course that it was mixed for. */
    const page = new Loaded(async () => {
        const [cases, kept] = await Promise.all([
            openCases(),
            course > 0 ? taken(api.GET('/api/courses/{id}', { params: { path: { id: course } } })) : null,
        ]);
        const on =
            kept?.plants
                .filter((one) => !one.left)
                .map((one) => ({ id: one.caseId, name: one.plant.name, plant: one.plant, key: '', counted: '' })) ?? [];
        if (chosen.length === 0) {
            chosen = on.map((one) => one.id);
        }
        return [...on, ...cases.map(({ id, name, plant, key, counted }) => ({ id, name, plant, key, counted }))];
    });
    /** Whether what is mixed may go on each plant; they can be chosen before that is known. */
    const rest = batch > 0 ? new Loaded(() => taken(api.GET('/api/batches/{id}/rest', { params: { path: { id: batch } } }))) : null;
    const of = (plant: number): Schemas['RestPlant'] | undefined => rest?.value?.plants.find((one) => one.id === plant);
    /** Of which it was said how many there are, before the round. */
    let counted = $state<number[]>([]);
    let school = $state<'school' | 'rinse' | 'leave'>('school');
    let byHand = $state(false);
    let override = $state('');

    const drying = new Sending();

    /** What is dry or limp is watered today and sprayed tomorrow: the gate says so from then on. */
    async function dried(plant: Schemas['RestPlant']): Promise<void> {
        const saved = await drying.send((_, basedOn) =>
            taken(
                api.PUT('/api/plants/{id}/now', {
                    params: { path: { id: plant.key } },
                    body: { basedOn: basedOn(plant.version), dry: !plant.dry },
                }),
            ),
        );
        if (saved !== null) {
            await rest?.reload();
        }
    }

    async function begin(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const run = await sending.send((submission) =>
            taken(
                api.POST('/api/runs', {
                    body: {
                        submission,
                        batchId: batch,
                        caseIds: [...chosen],
                        rinses: school === 'school' ? null : school === 'rinse',
                        byHand,
                        override,
                    },
                }),
            ),
        );
        if (run !== null) {
            void navigate('/runs/:id', { params: { id: String(run.id) } });
        }
    }

    const toggle = (id: number): number[] => (chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id]);
</script>

<Head title={say('run/begin.into-bed')} />
<Waiting of={page}>
    {#snippet children(cases)}
        {@const toCount = cases.filter((one) => one.counted !== '' && chosen.includes(one.id) && !counted.includes(one.id))}
        <div class="grid max-w-2xl gap-4">
            <fieldset class="grid gap-1">
                <legend class="mb-1 font-bold">{say('run/begin.which-plants-in-which-order')}</legend>
                {#each cases as one (one.id)}
                    <button
                        type="button"
                        class="border-base-300 flex min-h-14 items-center gap-3 border-b text-left"
                        aria-pressed={chosen.includes(one.id)}
                        onclick={() => (chosen = toggle(one.id))}
                    >
                        <span class="numeral grid size-9 place-items-center rounded-full border-2 font-bold" aria-hidden="true"
                            >{chosen.includes(one.id) ? chosen.indexOf(one.id) + 1 : ''}</span
                        >
                        <span class="text-lg">{one.name}</span>
                    </button>
                    {@const told = of(one.plant.id)}
                    {#if told !== undefined && told.level !== 'ok'}<p class="flex items-start gap-2 pb-2 text-sm" data-gate-says>
                            <LevelMark level={told.level} /><span>{briefly(told.because)}</span>
                        </p>{/if}
                    {#if told !== undefined && chosen.includes(one.id)}<button
                            type="button"
                            class={['btn mb-2 justify-self-start', told.dry && 'btn-primary']}
                            aria-pressed={told.dry}
                            disabled={drying.held}
                            onclick={() => void dried(told)}>{say('run/begin.dry', { name: one.plant.name })}</button
                        >{/if}
                {/each}
            </fieldset>
            <FormFoot form={drying} send={() => undefined} />
            {#if toCount.length > 0}
                <section class="dish grid gap-3" aria-label={say('run/begin.how-many-now')} data-count-first>
                    <p><strong>{say('run/begin.how-many-now')}</strong> {say('run/begin.else-not-judged')}</p>
                    {#each toCount as one (one.id)}
                        <div>
                            <p class="font-bold">{one.name}</p>
                            <QuickCount caseKey={one.key} counted={one.counted} onsaved={() => (counted = [...counted, one.id])} />
                        </div>
                    {/each}
                </section>
            {/if}
        </div>
        <form class="mt-4 grid max-w-2xl gap-4" onsubmit={begin}>
            <fieldset class="flex flex-wrap gap-x-5">
                <legend class="font-bold">{say('run/begin.rinsed-off-afterwards')}</legend>
                <label class="flex min-h-11 items-center gap-2"
                    ><input type="radio" class="radio radio-primary" value="school" bind:group={school} />
                    {say('run/begin.as-recipe-has')}</label
                >
                <label class="flex min-h-11 items-center gap-2"
                    ><input type="radio" class="radio radio-primary" value="rinse" bind:group={school} /> {say('run/begin.rinse')}</label
                >
                <label class="flex min-h-11 items-center gap-2"
                    ><input type="radio" class="radio radio-primary" value="leave" bind:group={school} /> {say('run/begin.leave-on')}</label
                >
            </fieldset>
            <fieldset class="flex flex-wrap gap-x-5">
                <legend class="font-bold">{say('run/begin.how')}</legend>
                <label class="flex min-h-11 items-center gap-2"
                    ><input type="radio" class="radio radio-primary" value={false} bind:group={byHand} /> {say('run/begin.as-mixed')}</label
                >
                <label class="flex min-h-11 items-center gap-2"
                    ><input type="radio" class="radio radio-primary" value={true} bind:group={byHand} /> {say('run/begin.by-hand')}</label
                >
            </fieldset>
            <label class="grid gap-1"
                ><span
                    ><span class="font-bold">{say('run/begin.why-without-proof')}</span>
                    <span class="quiet">{say('run/begin.only-where-leaf-test-missing')}</span></span
                ><input class="input w-full" maxlength="500" bind:value={override} /></label
            >
            <FormFoot form={sending} send={() => void begin()} />
            <button class="act" disabled={sending.held || chosen.length === 0}>{say('run/begin.begin')}</button>
        </form>
    {/snippet}
</Waiting>
