<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { keys } from '../../lib/keys.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import Verdicts from '../../parts/Verdicts.svelte';
    import { navigate } from '../../routes';
    import type { BenchState } from './bench.svelte';
    import BenchCard from './BenchCard.svelte';
    import CardButtons from './CardButtons.svelte';
    import DayPanel from './DayPanel.svelte';
    import HowMuch from './HowMuch.svelte';
    import LeftOver from './LeftOver.svelte';
    import Glass from './Glass.svelte';
    import MixSettings from './MixSettings.svelte';
    import Spoons from './Spoons.svelte';
    import StockJar from './StockJar.svelte';
    import VolumeControl from './VolumeControl.svelte';
    import WhatFor from './WhatFor.svelte';

    const { state }: { state: BenchState } = $props();
    const starting = new Sending();
    const worst = $derived(state.plan?.verdicts.some((verdict) => verdict.level === 'stop') ?? false);

    $effect(() => state.replan(state.bench));
    $effect(() => void state.weigh(state.caseId));

    // The address says what is set, so that it can be kept, shared and gone back to.
    $effect(() => {
        const set = { recipe: state.recipeSlug, case: state.caseId, plant: state.plantId, sprayer: state.sprayerId };
        const dose = state.highEnd ? 'high' : state.half ? 'half' : '';
        const query = new URLSearchParams(
            Object.entries({ ...set, dose }).flatMap(([key, value]) => (value ? [[key, String(value)]] : [])),
        );
        history.replaceState(history.state, '', `/bench?${query.toString()}`);
    });

    keys.use(() => ({
        m: { what: 'how much to make', press: () => document.querySelector<HTMLElement>('[data-make]')?.focus() },
        r: { what: 'choose the spray', press: () => document.querySelector<HTMLElement>('[data-recipe]')?.focus() },
        s: { what: 'start mixing', press: () => void start() },
    }));

    function mend(): void {
        const remedy = state.plan?.emulsion.remedy;
        if (remedy?.kind === 'emulsifier-first') {
            state.order = 'emulsifier-first';
        } else if (remedy?.line) {
            const line = remedy.line;
            state.folded = [...state.folded.filter((one) => one.ingredient !== line.ingredient), line];
        }
    }

    async function start(): Promise<void> {
        const bench = state.bench;
        if (bench === null) {
            return;
        }
        const batch = await starting.send((submission) =>
            taken(
                api.POST('/api/batches', {
                    body: {
                        submission,
                        bench,
                        sprayerId: state.sprayerId || null,
                        plantId: state.plantId || null,
                        caseId: state.caseId || null,
                        stockBatchId: state.jarId || null,
                    },
                }),
            ),
        );
        if (batch !== null) {
            undo.made('batches', batch, `The batch of ${batch.makeWords} ${batch.name}`, '/bench');
            void navigate('/batches/:id', { params: { id: String(batch.id) } });
        }
    }
</script>

<div class="no-print grid items-start gap-4 md:grid-cols-2 xl:grid-cols-[minmax(18rem,1fr)_minmax(17rem,0.8fr)_minmax(20rem,1.2fr)]">
    <section class="grid content-start gap-4" aria-label="What is mixed">
        <WhatFor {state} />
        <MixSettings {state} />
        <DayPanel day={state.day} />
    </section>
    <section class="dish content-start" aria-label="The sprayer">
        <VolumeControl {state} />
        <div class="no-print mt-4 grid gap-2"><HowMuch {state} /><LeftOver {state} /></div>
    </section>
    <section class="grid content-start gap-4 md:col-span-2 xl:col-span-1" aria-label="The plan" aria-live="polite">
        <FaultNote fault={state.fault} />
        {#if state.plan !== null}
            {#if state.against.length > 0}
                <div class="border-error border-l-8 pl-3" data-against>
                    <LevelMark level="stop" />
                    <p class="font-bold">Not proposed for this case.</p>
                    <ul>
                        {#each state.against as reason, i (i)}<li>{reason}</li>{/each}
                    </ul>
                </div>
            {/if}
            <Spoons plan={state.plan} />
            {#if (state.recipe?.stocks.length ?? 0) > 0}<StockJar {state} />{/if}
            {#if state.plan.emulsion.glass.length > 0}<Glass
                    emulsion={state.plan.emulsion}
                    order={state.orderNow}
                    hand={state.shelf.hand}
                    onmend={mend}
                />{/if}
            <div class="dish">
                <h2 class="mb-3">Will it harm the plant?</h2>
                <Verdicts verdicts={state.plan.verdicts} />
            </div>
        {/if}
    </section>
</div>
<div class="no-print bg-base-100 sticky bottom-14 mt-4 grid gap-2 py-3 lg:bottom-0">
    <FormFoot form={starting} send={() => void start()} />
    <div class="flex flex-wrap items-center gap-2 sm:justify-end">
        <CardButtons name={state.recipe?.name ?? ''} plan={state.plan} />
        <button class="btn btn-primary btn-lg w-full sm:w-auto" disabled={state.plan === null || starting.held} onclick={start}>
            {worst ? 'Mix it all the same' : 'Start mixing'}
        </button>
    </div>
</div>
{#if state.plan !== null}
    <details class="dish no-print mt-2">
        <summary class="min-h-11 cursor-pointer py-2 font-bold">Steps and cautions</summary>
        <ol class="my-3 list-decimal space-y-1 pl-6">
            {#each state.plan.steps as step, i (i)}<li>{step}</li>{/each}
        </ol>
        <h2 class="mt-4">Cautions</h2>
        <ul class="my-2 list-disc space-y-1 pl-6">
            {#each state.plan.cautions as caution (caution.code)}<li>{caution.text}</li>{/each}
        </ul>
        {#each state.plan.notes as note, i (i)}<p class="quiet text-sm">{note}</p>{/each}
    </details>
{/if}
{#if state.plan !== null && state.recipe !== undefined}<BenchCard
        name={state.recipe.name}
        plan={state.plan}
        plant={state.plant?.name ?? ''}
    />{/if}
