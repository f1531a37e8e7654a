<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { short } from '../../lib/figures';
    import { Latest } from '../../lib/latest.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import type { BenchState } from './bench.svelte';

    interface Props {
        state: BenchState;
        /** Slug of what was tapped. */
        of: string;
        ondone: () => void;
    }
    const { state: bench, of, ondone }: Props = $props();
    type Slug = Schemas['NewShelfBottle']['ingredient'];
    const asked = new Latest<Schemas['AnotherBottle']>();
    const taking = new Sending();
    let percent = $state('');
    let wrong = $state('');
    const known = $derived(bench.shelf.catalogue.ingredients);
    const hasStrength = $derived(known.find((one) => one.slug === of)?.hasStrength ?? false);
    $effect(() => {
        const recipe = bench.document;
        if (recipe !== undefined) {
            void asked.ask(() => taken(api.POST('/api/another-bottle', { body: { recipe, ingredient: of as Slug } })));
        }
    });

    /** Lays the bench with it, and keeps the bottle where a shelf is kept. */
    async function take(said: { percent?: number; with?: Slug }): Promise<void> {
        const recipe = bench.document;
        wrong = '';
        const made =
            recipe === undefined
                ? null
                : await taking.send(() => taken(api.POST('/api/another-bottle', { body: { recipe, ingredient: of as Slug, ...said } })));
        if (made === null || made.recipe === null) {
            wrong = made?.cannot ?? '';
            return;
        }
        bench.own = made.recipe;
        const { keep } = made;
        if (keep !== null) {
            const { words, strength } = keep;
            const kept = await taking.send((submission) =>
                taken(
                    api.POST('/api/shelf', {
                        body: { submission, words, ingredient: keep.ingredient as Slug, ...(strength !== null && { strength }) },
                    }),
                ),
            );
            if (kept !== null) {
                undo.made('shelf', kept, kept.words);
            }
        }
        ondone();
        scrollTo(0, 0);
    }

    async function mine(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const figure = Number(percent.trim().replace(',', '.') || NaN);
        if (Number.isNaN(figure)) {
            wrong = say('bench/my-bottle.write-number');
        } else {
            await take({ percent: figure });
        }
    }
</script>

<div class="grid gap-3" data-my-bottle={of}>
    <FaultNote fault={asked.fault ?? taking.fault} />
    {#if asked.value !== null}
        <p class="font-bold">{asked.value.name}{asked.value.percent === null ? '' : `, ${short(asked.value.percent)} %`}</p>
        {#if hasStrength}<form class="grid max-w-md gap-1" onsubmit={(event) => void mine(event)}>
                <label class="grid gap-1"
                    ><span>{say('bench/my-bottle.mine-has')}</span>
                    <span class="flex gap-2"
                        ><input class="input w-28" inputmode="decimal" autocomplete="off" bind:value={percent} /><button
                            class="btn"
                            disabled={taking.held}>{say('bench/my-bottle.take-mine')}</button
                        ></span
                    ></label
                >
            </form>{/if}
        <p>{asked.value.none || say('bench/my-bottle.if-there-is-none')}</p>
        <ul class="grid gap-2">
            {#each asked.value.insteads as one (one.with)}<li class="grid gap-1">
                    <button class="btn justify-self-start" disabled={taking.held} onclick={() => void take({ with: one.with as Slug })}
                        >{say('bench/my-bottle.take', { name: one.name })}</button
                    ><span class="quiet text-sm">{one.cost}</span>
                </li>{/each}
        </ul>
        <p role="status">{wrong}</p>
    {/if}
</div>
