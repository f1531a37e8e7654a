<script lang="ts">
    import { untrack } from 'svelte';
    import ChevronDown from '@lucide/svelte/icons/chevron-down';
    import { line } from '../../lib/line.svelte';
    import type { Schemas } from '../../lib/client';
    import { typedNumber } from '../../lib/figures';
    import { actPlace, bestHours, keyOf, placeOf } from '../../lib/tasks';
    import { dueFrom } from '../../lib/time';
    import LeafState from '../../row/LeafState.svelte';
    import Act from './Act.svelte';

    interface Props {
        row: Schemas['Row'];
        /** What it asks for, the most urgent first; those to come, too. */
        tasks: Schemas['Task'][];
        now: Date;
        /** The task of the day whose act is the main one. */
        main: Schemas['Task'] | undefined;
        onchange: () => void;
    }
    const { row, tasks, now, main, onchange }: Props = $props();
    untrack(() =>
        tasks.forEach((task) => {
            if (task.counted !== null && task.key !== null) {
                line.names.set(`cases/${task.key}`, task.text);
            }
        }),
    );
    const due = $derived(tasks.filter((one) => one.slot === 'now' || one.slot === 'today'));
    const first = $derived(due[0] ?? tasks[0]);
    /** What is done by the same act is one thing to do. */
    const same = $derived(due.slice(1).filter((one) => actPlace(one) === actPlace(first ?? one)));
    const others = $derived(due.slice(1).filter((one) => !same.includes(one)));
    let counting = $state(false);
    /** What stands mixed for it says what comes next, in the words that it has everywhere. */
    const words = (task: Schemas['Task']): string =>
        task.bottle !== null && task.kind !== 'discard'
            ? task.do
            : (row.acts.find((act) => act.kind === task.kind && act.ref === task.ref)?.words ?? task.text);
    let typed = $state('');
    let open = $state(false);
    /** Four plants stand on the first screen of a phone. */
    const query = matchMedia('(min-width: 64rem)');
    let wide = $state(query.matches);
    $effect(() => {
        const turned = (): void => void (wide = query.matches);
        query.addEventListener('change', turned);
        return () => query.removeEventListener('change', turned);
    });
    const number = $derived(typedNumber(typed));
    const height = $derived(due.length > 0 && wide ? 96 : 44);
    const round = (task: Schemas['Task']): boolean => task.kind === 'next-round' || task.kind === 'first-round';
    const acts = (task: Schemas['Task']): boolean => task.slot === 'now' || task.slot === 'today' || task.ready !== null;
</script>

<li class="line" data-plant={row.plantId}>
    {#if first !== undefined}
        <div class={['grid-line', first.kind === 'count-after' && (first === main || counting) && 'long']} data-task={first.kind}>
            <a href={`/plants/${row.plantId}`} class="leaf" aria-label={row.name}><LeafState {row} /></a>
            <div class="name">
                <a class="block text-lg leading-tight font-bold" href={placeOf(first)}>{row.name}</a>
                <p class="leading-tight">{words(first)}</p>
                <p class="quiet text-sm leading-tight" data-best={round(first) ? '' : undefined}>
                    {round(first) && first.bestFrom !== null ? bestHours(first, now) : dueFrom(first.dueAt, now)}
                </p>
            </div>
            <!-- The words are there at once; what is drawn comes after them, in room that is kept for it. -->
            <div class="strip" style:height={`${height}px`}>
                {#await import('../../row/Row.svelte') then { default: Row }}
                    <Row
                        {row}
                        {height}
                        typed={first.kind === 'count-after' && !Number.isNaN(number) && typed !== ''
                            ? { caseId: first.ref, value: number }
                            : null}
                    />
                {/await}
            </div>
            <div class="act-of">
                {#if acts(first)}<Act task={first} main={first === main} brief={!wide} bind:counting bind:typed {onchange} />{/if}
            </div>
            <button
                class="btn btn-ghost btn-square later no-print"
                aria-expanded={open}
                aria-label={say('today/plant-line.later', { text: first.text })}
                onclick={() => (open = !open)}><ChevronDown size={22} aria-hidden="true" /></button
            >
        </div>
        {#if open}
            <div class="under">
                {#each [first, ...same] as task (keyOf(task))}
                    {#if task !== first}<p data-task={task.kind}><a class="font-bold" href={placeOf(task)}>{words(task)}</a></p>{/if}
                    {#each task.moves as move, i (i)}<p class="text-sm" data-moved>{move}</p>{/each}
                    {#await import('./Later.svelte') then { default: Later }}<Later {task} {onchange} />{/await}
                {/each}
            </div>
        {/if}
        {#each others as task (keyOf(task))}
            <div class="under other" data-task={task.kind}>
                <a class="font-bold" href={placeOf(task)}>{words(task)}</a>
                <span class="quiet text-sm">{dueFrom(task.dueAt, now)}</span>
                <div class="ml-auto"><Act {task} main={task === main} brief={!wide} {onchange} /></div>
            </div>
        {/each}
    {/if}
</li>

<style>
    .line {
        border-top: 1px solid color-mix(in oklab, var(--color-base-300) 45%, transparent);
    }
    .grid-line {
        display: grid;
        grid-template-columns: 2.4rem minmax(0, 1fr) auto 2.75rem;
        grid-template-areas: 'leaf name act later' 'strip strip strip strip';
        column-gap: 0.5rem;
        align-items: center;
    }
    .long {
        grid-template-areas: 'leaf name name later' 'strip strip strip strip' 'act act act act';
    }
    .leaf {
        grid-area: leaf;
    }
    .name {
        grid-area: name;
    }
    .strip {
        grid-area: strip;
        min-width: 0;
    }
    .act-of {
        grid-area: act;
        justify-self: end;
    }
    .later {
        grid-area: later;
    }
    .act-of {
        max-width: 100%;
    }
    .under {
        padding: 0.25rem 0 0.25rem 3rem;
    }
    .other {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.25rem 0.75rem;
    }
    @media (min-width: 64rem) {
        .grid-line {
            grid-template-columns: 2.6rem 14.5rem minmax(0, 1fr) 18.5rem 2.75rem;
            grid-template-areas: 'leaf name strip act later';
        }
    }
</style>
