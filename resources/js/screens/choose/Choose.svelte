<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { route } from '../../routes';
    import Contain from './Contain.svelte';
    import { Choosing } from './choosing.svelte';
    import Proposals from './Proposals.svelte';
    import SituationForm from './SituationForm.svelte';

    const id = Number(route.params.id);
    const page = new Loaded(async () => {
        const [one, shelf] = await Promise.all([
            taken(api.GET('/api/cases/{id}', { params: { path: { id } } })),
            taken(api.GET('/api/shelf')),
        ]);
        return { one, bottles: shelf.bottles.length, choosing: new Choosing(one, one.situation) };
    });
</script>

<Waiting of={page}>
    {#snippet children({ one, bottles, choosing })}
        <Head title={say('choose/choose.contain-then-choose', { pestName: one.pestName })}
            ><a class="btn" href={`/cases/${one.id}`}>{say('choose/choose.to-case')}</a></Head
        >
        <div class="grid items-start gap-6 lg:grid-cols-[minmax(0,1.5fr)_minmax(18rem,1fr)]">
            <div class="grid gap-6">
                <Contain {one} onsaved={(next) => (page.value = { one: next, bottles, choosing })} />
                <Proposals {choosing} />
            </div>
            <SituationForm {choosing} {bottles} stages={one.stages} matters={one.matters} />
        </div>
    {/snippet}
</Waiting>
