<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { route } from '../../routes';
    import FaultNote from '../../parts/FaultNote.svelte';
    import AddBottle from '../shelf/AddBottle.svelte';
    import Beside from './Beside.svelte';
    import Contain from './Contain.svelte';
    import { Choosing } from './choosing.svelte';
    import Proposals from './Proposals.svelte';
    import SituationForm from './SituationForm.svelte';
    import Whether from './Whether.svelte';

    const id = Number(route.params.id);
    const page = new Loaded(async () => {
        const [one, shelf] = await Promise.all([
            taken(api.GET('/api/cases/{id}', { params: { path: { id } } })),
            taken(api.GET('/api/shelf')),
        ]);
        // Where nobody said what is in the house, that is asked before anything is proposed; who sprayed without saying so is not pressed.
        const asked =
            shelf.bottles.length > 0 ? null : await Promise.all([taken(api.GET('/api/catalogue')), taken(api.GET('/api/sprayers'))]);
        const house = asked && { ingredients: asked[0].ingredients, isNew: asked[1].sprayers.length === 0 };
        return { one, house, choosing: new Choosing(one, one.situation) };
    });
    let bottles = $state.raw<Schemas['ShelfBottle'][]>();

    async function added(choosing: Choosing): Promise<void> {
        bottles = (await taken(api.GET('/api/shelf'))).bottles;
        choosing.ask(choosing.situation);
    }
</script>

<Waiting of={page}>
    {#snippet children({ one, house, choosing })}
        <Head title={say('choose/choose.contain-then-choose', { pestName: one.pestName })}
            ><a class="btn" href={`/cases/${one.id}`}>{say('choose/choose.to-case')}</a></Head
        >
        <div class="grid items-start gap-6 lg:grid-cols-[minmax(0,1.5fr)_minmax(18rem,1fr)]">
            <div class="grid gap-6">
                <FaultNote fault={choosing.choice.fault} />
                {#if choosing.choice.value !== null}<Whether {choosing} choice={choosing.choice.value} />{/if}
                <Contain {one} onsaved={(next) => (page.value = { one: next, house, choosing })} />
                {#if house !== null}<details class="dish" open={house.isNew}>
                        <summary class="min-h-11 cursor-pointer py-2"
                            ><h2 class="inline">{say('choose/choose.what-is-in-house')}</h2></summary
                        >
                        <AddBottle ingredients={house.ingredients} bottles={bottles ?? []} few onadded={() => void added(choosing)} />
                    </details>{/if}
                <Proposals {choosing} />
                {#if choosing.choice.value !== null}<Beside beside={choosing.choice.value.beside} />{/if}
            </div>
            <SituationForm {choosing} shelved={house === null} stages={one.stages} matters={one.matters} />
        </div>
    {/snippet}
</Waiting>
