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
        const one = await taken(api.GET('/api/cases/{id}', { params: { path: { id } } }));
        return { one, ingredients: (await taken(api.GET('/api/catalogue'))).ingredients, choosing: new Choosing(id, one.situation) };
    });
</script>

<Waiting of={page}>
    {#snippet children({ one, ingredients, choosing })}
        <Head title={`Contain and choose: ${one.name}`}><a class="btn" href={`/cases/${one.id}`}>To the case</a></Head>
        <p class="mb-4 text-lg">{one.matters}</p>
        <div class="grid items-start gap-4 lg:grid-cols-[minmax(18rem,1fr)_minmax(0,1.5fr)]">
            <div class="grid gap-4">
                <SituationForm {choosing} {ingredients} stages={one.stages} />
                <Contain {one} onsaved={(next) => (page.value = { one: next, ingredients, choosing })} />
            </div>
            <Proposals {choosing} />
        </div>
    {/snippet}
</Waiting>
