<script lang="ts">
    import { millilitres, off, short } from '../../lib/figures';
    import type { Schemas } from '../../lib/client';
    import { distinct } from './loads';

    interface Props {
        plan: Schemas['Plan'];
        all?: boolean;
        /** What would be rounder, and how to get there. */
        easier?: Schemas['BenchPlan']['easier'] | null;
        onround?: () => void;
        /** Somebody taps on what goes in: their bottle is another. */
        word?: (ingredient: string | null) => void;
    }
    const { plan, all = false, easier = null, onround, word }: Props = $props();
    const or = (key: string): string => easier?.or.find((one) => one.key === key)?.words ?? '';
    const shown = $derived(distinct(plan.loads));
    /** What a bottle is taken to hold is said with it. */
    const named = (item: Schemas['Plan']['loads'][number]['items'][number]): string => {
        const strength = plan.loads[0]?.lines.find((line) => line.ingredient === item.ingredient)?.strength ?? null;
        return strength === null ? item.name : `${item.name}, ${short(strength)} %`;
    };
    /** Drawn once what is read stands there, in room that is kept for it. */
    const scoops = import('../../parts/Scoop.svelte');
    let at = $state(0);
    const now = $derived(all ? shown : shown.slice(Math.min(at, shown.length - 1)).slice(0, 1));
</script>

<section aria-label={say('bench/spoons.spoons')} class="grid min-w-0 content-end" data-plan>
    {#if shown.length > 1 && !all}
        <div class="mb-1 flex flex-wrap gap-2" role="group" aria-label={say('bench/spoons.loads')}>
            {#each shown as each, i (each.first)}
                <button
                    class={['min-h-11 rounded border-2 px-3', i === at ? 'border-primary font-bold' : 'border-base-300']}
                    aria-pressed={i === at}
                    onclick={() => (at = i)}>{each.name}: {each.load.spoken.split(' (')[0]}</button
                >
            {/each}
        </div>
    {/if}
    {#each now as each (each.first)}
        {#if all && plan.loads.length > 1}<h2 class="text-base">{each.name}: {each.load.spoken}</h2>{/if}
        <ol>
            {#each each.load.items as item (item.key)}
                <li class="border-base-300 items-center gap-x-5 border-b py-1 md:flex md:min-h-16" data-spoon>
                    <span class="hidden w-44 shrink-0 justify-end gap-x-2 md:flex"
                        >{#await scoops then { default: Scoop }}{#each item.measured.scoops as scoop, i (i)}<Scoop
                                    mL={scoop.mL}
                                    times={scoop.count}
                                    full
                                />{/each}{/await}</span
                    >
                    <span class="min-w-0"
                        ><span class="text-[1.3rem] leading-tight font-bold sm:text-[1.9rem]">{item.words}</span>
                        {#if word && item.ingredient}<button
                                class="link -my-2.5 min-h-11 text-left sm:text-lg"
                                onclick={() => word(item.ingredient)}>{named(item)}</button
                            >{:else}<span class="sm:text-lg">{named(item)}</span>{/if}
                        <span class="quiet text-sm">{millilitres(item.measured.mL)}{off(item.measured.error_percent)}</span>
                        {#if or(item.key)}<span class="text-sm whitespace-nowrap" data-or>{or(item.key)}</span>{/if}</span
                    >
                </li>
            {/each}
            <li class="py-1 sm:py-1.5 md:pl-49" data-spoon>
                <span class="text-[1.3rem] leading-tight font-bold sm:text-[1.9rem]">{say('bench/spoons.water')}</span>
                <span class="sm:text-lg">{say('bench/spoons.to-mark', { spoken: each.load.spoken.split(' (')[0] })}</span>
            </li>
        </ol>
    {/each}
    {#if easier !== null && easier.make !== null && onround !== undefined}
        <button class="link min-h-11 text-left leading-tight" data-round onclick={onround}>{easier.makeWords}</button>
    {/if}
</section>
