<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { atTime } from '../../lib/time';
    import By from '../../parts/By.svelte';
    import Correctable from '../../parts/Correctable.svelte';
    import CountForm from './CountForm.svelte';

    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
</script>

<details class="mt-2" data-counts>
    <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('cases/counts.figures-correct-or-take-back')}</summary>
    <ul class="divide-base-300 divide-y-2">
        {#each one.counts as count (count.id)}
            <li class="py-1" data-count={count.id}>
                <Correctable
                    kind="counts"
                    of={count}
                    what={say('cases/counts.count-of', { count: count.value, counted: one.counted })}
                    changes={count.changes}
                >
                    {#snippet head()}
                        <strong class="numeral text-lg">{Math.round(10 * count.value) / 10}</strong>
                        {count.untreated ? say('cases/counts.on-unsprayed-plant') : ''}
                        {#if count.each !== null}<span class="quiet numeral text-sm" data-each
                                >{count.each.map((spot) => Math.round(spot)).join(' ')}</span
                            >{/if}
                        {#if count.newClean !== null}<span class="quiet text-sm"
                                >{say('cases/counts.new-growth', { newClean: count.newClean ? 'clean' : 'hit' })}</span
                            >{/if}
                        {#if count.helperWords}<span class="quiet text-sm" data-helpers>{count.helperWords}</span>{/if}
                        <span class="quiet">{atTime(count.countedAt)}</span>
                        <By who={count.who} />
                        {#if count.notes}<span class="block">{count.notes}</span>{/if}
                    {/snippet}
                    {#snippet form(done)}
                        <CountForm
                            {one}
                            {count}
                            onsaved={(next) => {
                                done();
                                onsaved(next);
                            }}
                        />
                    {/snippet}
                </Correctable>
            </li>
        {/each}
    </ul>
</details>
