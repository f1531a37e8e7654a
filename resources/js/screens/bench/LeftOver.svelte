<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { shortDown } from '../../lib/figures';
    import { Latest } from '../../lib/latest.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import type { BenchState } from './bench.svelte';

    const { state: bench }: { state: BenchState } = $props();
    const reach = new Latest<Schemas['Reach']>();
    let text = $state('');
    const answer = $derived(reach.value);

    $effect(() => {
        const request = bench.request;
        const left = text.split('\n');
        if (request === null || text.trim() === '') {
            reach.drop(null);
            return;
        }
        void reach.ask(() => taken(api.POST('/api/reach', { body: { request, left } })));
    });
</script>

<section aria-label={say('bench/left-over.only-so-much-left')}>
    <h2 class="text-base">{say('bench/left-over.only-so-much-left')}</h2>
    <div class="mt-1 grid gap-3">
        <label class="grid gap-1"
            ><span class="font-bold">{say('bench/left-over.what-left-one-thing-line')}</span><textarea
                class="textarea w-full"
                rows="2"
                placeholder={say('bench/left-over.40-ml-neem')}
                spellcheck="false"
                bind:value={text}></textarea></label
        >
        <FaultNote fault={reach.fault} />
        {#if answer !== null && reach.fault === null}
            <div data-reach>
                {#each answer.unclear as one (one.line)}
                    <p class="border-warning border-l-8 pl-3">{one.text}</p>
                    <div class="flex flex-wrap gap-2">
                        {#each one.answers as option (option.line)}<button
                                class="btn"
                                onclick={() =>
                                    (text = text
                                        .split('\n')
                                        .map((old, i) => (i === one.line ? option.line : old))
                                        .join('\n'))}>{option.words}</button
                            >{/each}
                    </div>
                {/each}
                <p class={answer.bites ? 'border-error border-l-8 pl-3 font-bold' : ''}>{answer.because}</p>
                {#if answer.bites && answer.amount !== null}
                    {@const amount = answer.amount}
                    <button class="btn mt-2" onclick={() => bench.filling.fillTo(Number(shortDown(amount)))}
                        >{say('bench/left-over.make-that-much')}</button
                    >
                {/if}
            </div>
        {/if}
    </div>
</section>
