<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import { onShortDay } from '../../lib/time';
    import FormFoot from '../../parts/FormFoot.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import MoveRounds from './MoveRounds.svelte';
    import { Moving } from './moving.svelte';
    import Outlook from './Outlook.svelte';
    import { WAYS } from './outlook';

    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
    const id = untrack(() => one.id);
    const seen = new Loaded(() => taken(api.GET('/api/cases/{id}/seen-ahead', { params: { path: { id } } })));
    const sending = new Sending();
    const turning = new Sending();
    let turns: string[] = [];
    let moving = $state.raw<Moving | null>(null);
    let wanted: string[] = [];

    const ask = (on: string[], which: number): Promise<Schemas['MovedRounds']> =>
        taken(api.POST('/api/cases/{id}/rounds-ahead', { params: { path: { id: one.key } }, body: { on, which } }));

    function choose(all: Schemas['SeenAhead']): void {
        const from =
            all.outlooks.find((outlook) => outlook.kind === 'planned') ?? all.outlooks.find((outlook) => outlook.kind === 'fewest');
        moving = new Moving(ask, from ?? null);
    }

    async function keep(on = wanted): Promise<void> {
        wanted = on;
        const saved = await sending.send((_, basedOn) =>
            taken(
                api.PUT('/api/cases/{id}/round-dates', { params: { path: { id: one.key } }, body: { basedOn: basedOn(one.version), on } }),
            ),
        );
        if (saved !== null) {
            onsaved(saved);
        }
    }

    async function turn(next = turns): Promise<void> {
        turns = next;
        const saved = await turning.send((_, basedOn) =>
            taken(
                api.PUT('/api/cases/{id}/turns', {
                    params: { path: { id: one.key } },
                    body: { basedOn: basedOn(one.version), turns: next },
                }),
            ),
        );
        if (saved !== null) {
            onsaved(saved);
        }
    }

    const whole = (count: number): string => String(count < 10 ? Math.round(10 * count) / 10 : Math.round(count));
</script>

<Waiting of={seen}>
    {#snippet children(all)}
        {#if all.because !== ''}<p>{all.because}</p>{:else}
            {#if all.surprise}<p class="mb-2" data-surprise>{all.surprise}</p>{/if}
            <Outlook {all} {moving} />
            {@const best = all.outlooks.find((outlook) => outlook.kind === 'fewest')}
            {#if moving !== null}
                <MoveRounds {moving} {best} busy={sending.held} onkeep={(on) => void keep(on)} onleave={() => (moving = null)} />
            {:else if all.mayMove}
                <div class="no-print mb-3 flex flex-wrap gap-2">
                    {#if best !== undefined && best.rounds.length > 0 && best.rounds.join() !== all.outlooks
                                .find((outlook) => outlook.kind === 'planned')
                                ?.rounds.join()}<button class="btn" disabled={sending.held} onclick={() => void keep(best.rounds)}
                            >{say('cases/seen-ahead.take-best')}</button
                        >{/if}
                    <button class="btn" onclick={() => choose(all)}>{say('cases/seen-ahead.choose-days')}</button>
                    {#if all.chosen}<button class="btn" disabled={sending.held} onclick={() => void keep([])}
                            >{say('cases/seen-ahead.as-school')}</button
                        >{/if}
                </div>
            {/if}
            {#if moving === null && (all.instead !== null || all.turned)}<div class="no-print mb-3 flex flex-wrap gap-2">
                    {#if all.instead !== null}{@const instead = all.instead}<button
                            class="btn"
                            disabled={turning.held}
                            onclick={() => void turn(instead.turns)}>{instead.words}</button
                        >{/if}
                    {#if all.turned}<button class="btn" disabled={turning.held} onclick={() => void turn([])}
                            >{say('cases/seen-ahead.as-begun')}</button
                        >{/if}
                </div>{/if}
            <FormFoot form={turning} send={() => void turn()} />
            <FormFoot form={sending} send={() => void keep()} />
            <ul class="grid gap-2" data-outlooks>
                {#each all.outlooks.filter((outlook) => moving === null || outlook.kind !== 'planned') as outlook (outlook.kind)}
                    <li class="grid grid-cols-[2.5rem_1fr] items-baseline gap-x-2" data-outlook={outlook.kind}>
                        <svg viewBox="0 0 40 8" class="w-10" aria-hidden="true"
                            ><path
                                d="M0 4H40"
                                class={WAYS[outlook.kind].stroke}
                                stroke-width="3"
                                stroke-dasharray={WAYS[outlook.kind].dash}
                            /></svg
                        >
                        <p>
                            <strong>{outlook.name}:</strong>
                            {outlook.words}
                            {#if outlook.because}<span class="quiet">{outlook.because}</span>{/if}
                            {#if outlook.rounds.length > 0}<span class="numeral block text-sm"
                                    >{outlook.rounds.map((on) => onShortDay(on)).join(' · ')}</span
                                >{/if}
                        </p>
                    </li>
                {/each}
            </ul>
            <p class="quiet mt-2 text-sm">
                {all.rests} <a class="link no-print" href="/season">{say('cases/seen-ahead.learn')}</a>
            </p>
            <details class="no-print">
                <summary class="link min-h-11 cursor-pointer py-2">{say('cases/seen-ahead.in-figures')}</summary>
                <div class="overflow-x-auto">
                    <table class="numeral text-sm">
                        <caption class="sr-only">{say('cases/seen-ahead.caption', { counted: all.counted })}</caption>
                        <thead
                            ><tr
                                ><th scope="col" class="pr-4 text-left">{say('cases/seen-ahead.day')}</th
                                >{#each all.outlooks as outlook (outlook.kind)}<th scope="col" class="pr-4 text-left">{outlook.name}</th
                                    >{/each}</tr
                            ></thead
                        >
                        <tbody
                            >{#each all.outlooks[0]?.days ?? [] as day, i (day.on)}{#if i % 7 === 0}<tr
                                        ><th scope="row" class="pr-4 text-left font-normal">{onShortDay(day.on)}</th
                                        >{#each all.outlooks as outlook (outlook.kind)}{@const there = outlook.days[i]}<td class="pr-4"
                                                >{there === undefined
                                                    ? ''
                                                    : say('cases/seen-ahead.middle-low-high', {
                                                          middle: whole(there.middle),
                                                          low: whole(there.low),
                                                          high: whole(there.high),
                                                      })}</td
                                            >{/each}</tr
                                    >{/if}{/each}</tbody
                        >
                    </table>
                </div>
            </details>
        {/if}
    {/snippet}
</Waiting>
