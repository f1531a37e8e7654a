<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { percent, typedNumber } from '../../lib/figures';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import DrawnLeaf from './DrawnLeaf.svelte';

    const SEEDS = 1_000_000;
    const some = (): number => Math.floor(Math.random() * SEEDS);
    let seed = $state(some());
    let shape = $state<Schemas['LeafShape']>('oval');
    let guesses = $state<string[]>([]);
    let told = $state.raw<Schemas['Eye'] | null>(null);
    const sending = new Sending();
    const page = new Loaded(async () => {
        const [{ leaves }, { eye }, catalogue] = await Promise.all([
            taken(api.GET('/api/eye/{shape}/{seed}', { params: { path: { shape, seed } } })),
            taken(api.GET('/api/eye')),
            taken(api.GET('/api/catalogue')),
        ]);
        return { leaves, eye, shapes: catalogue.leafShapes };
    });
    const numbers = $derived(guesses.map(typedNumber));
    const complete = $derived((page.value?.leaves.length ?? 0) === numbers.filter((one) => one >= 0 && one <= 100).length);

    function anew(): void {
        seed = some();
        guesses = [];
        told = null;
        sending.renew();
        void page.reload();
    }

    async function tell(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        told = await sending.send((submission) => taken(api.POST('/api/eye', { body: { submission, shape, seed, guesses: numbers } })));
    }
</script>

<Waiting of={page}>
    {#snippet children({ leaves, eye, shapes })}
        <Head title={say('leaf/eye.train-your-eye')}
            ><label class="flex items-center gap-2"
                >{say('leaf/eye.leaf')}
                <select class="select" bind:value={shape} onchange={anew}
                    >{#each shapes as one (one.code)}<option value={one.code}>{one.words}</option>{/each}</select
                ></label
            ></Head
        >
        <p class="mb-4">{say('leaf/eye.how-much-of-each-leaf')}</p>
        {#if told !== null}
            <div class="border-primary mb-4 border-l-8 pl-4 text-lg" role="status" data-eye>
                <p>{told.words}</p>
                <button class="btn mt-2" onclick={anew}>{say('leaf/eye.ten-others')}</button>
            </div>
        {:else if eye !== null}<p class="quiet mb-4">{say('leaf/eye.last-time', { words: eye.words })}</p>{/if}
        <form onsubmit={tell}>
            <ol class="grid grid-cols-2 gap-4 sm:grid-cols-3 lg:grid-cols-5">
                {#each leaves as leaf, n (n)}
                    <li class="grid justify-items-center gap-1">
                        <span class="block h-32 w-32"><DrawnLeaf {leaf} /></span>
                        <label class="flex items-center gap-2"
                            ><span class="sr-only">{say('leaf/eye.leaf-percent-hurt', { n: n + 1 })}</span><input
                                class="input numeral w-20"
                                inputmode="decimal"
                                disabled={told !== null}
                                bind:value={guesses[n]}
                            /> %</label
                        >
                        {#if told !== null}<span class="numeral" data-truth
                                >{say('leaf/eye.it-is', { truths: percent(told.truths[n] ?? 0) })}</span
                            >{/if}
                    </li>
                {/each}
            </ol>
            <FormFoot form={sending} send={() => void tell()} />
            {#if told === null}<button class="btn btn-primary mt-4" disabled={!complete || sending.held}>{say('leaf/eye.tell-me')}</button
                >{/if}
        </form>
    {/snippet}
</Waiting>
