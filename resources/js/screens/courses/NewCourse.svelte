<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { Loaded } from '../../lib/loaded.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import Head from '../../parts/Head.svelte';
    import Stepper from '../../parts/Stepper.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { navigate } from '../../routes';
    import { nameOf, recipesOf } from './chosen';
    import MethodTaps from './MethodTaps.svelte';
    import PlantTaps from './PlantTaps.svelte';

    const page = new Loaded(async () => {
        const [courses, plants, catalogue] = await Promise.all([
            taken(api.GET('/api/courses')),
            taken(api.GET('/api/plants')),
            taken(api.GET('/api/catalogue')),
        ]);
        return { methods: courses.methods, plants: plants.plants, pests: catalogue.pests, tolerance: catalogue.tolerance };
    });
    const form = new Form('new-course', {
        name: '',
        pest: '',
        recipe: '',
        fresh: '',
        count: '20',
        place: '',
        tolerance: 'ordinary-leaf',
        indoors: true,
    });
    let chosen = $state<number[]>([]);
    const isNew = $derived(form.values.fresh.trim() !== '');
    const hasPlants = $derived(chosen.length > 0 || isNew);

    async function begin(plants: Schemas['Plant'][], event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { name, pest, recipe, fresh, count, place, tolerance, indoors } = form.values;
        const alike = isNew ? { count: Number(count), name: fresh.trim(), tolerance, place, indoors } : null;
        const made = await form.send((submission) =>
            taken(
                api.POST('/api/courses', {
                    body: {
                        submission,
                        name: name.trim() || nameOf(plants, chosen, alike),
                        pest: pest || null,
                        recipes: recipesOf(recipe),
                        plantIds: [...chosen],
                        newPlants: alike,
                    },
                }),
            ),
        );
        if (made !== null) {
            undo.made('courses', made, made.name);
            form.clear();
            void navigate('/courses/:id', { params: { id: String(made.id) } });
        }
    }
</script>

<Head title={say('courses/new-course.keep-many-clean')} />
<Waiting of={page}>
    {#snippet children({ methods, plants, pests, tolerance })}
        <p class="mb-4 max-w-prose">{say('courses/new-course.what-it-is')}</p>
        <form class="grid max-w-2xl gap-5" onsubmit={(event) => void begin(plants, event)}>
            {#if plants.length > 0}<PlantTaps {plants} bind:chosen />{/if}
            <details open={plants.length === 0 || isNew}>
                <summary class="link min-h-11 cursor-pointer py-2">{say('courses/new-course.not-here-yet')}</summary>
                <div class="grid gap-3 sm:grid-cols-2">
                    <label class="grid gap-1"
                        ><span class="font-bold">{say('courses/new-course.what-are-they')}</span><input
                            name="fresh"
                            class="input w-full"
                            maxlength="190"
                            bind:value={form.values.fresh}
                        /></label
                    >
                    <Stepper label={say('courses/new-course.how-many')} name="fresh-count" bind:value={form.values.count} />
                    <label class="grid gap-1"
                        ><span class="font-bold">{say('courses/new-course.where')}</span><input
                            name="place"
                            class="input w-full"
                            maxlength="200"
                            bind:value={form.values.place}
                        /></label
                    >
                    <label class="grid gap-1"
                        ><span class="font-bold">{say('courses/new-course.their-leaf')}</span><select
                            name="tolerance"
                            class="select w-full"
                            bind:value={form.values.tolerance}
                            >{#each tolerance as one (one.slug)}<option value={one.slug}>{one.name}</option>{/each}</select
                        ></label
                    >
                    <label class="flex min-h-11 items-center gap-3"
                        ><input name="indoors" type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.indoors} />
                        {say('courses/new-course.indoors')}</label
                    >
                </div>
            </details>
            <MethodTaps {methods} {pests} bind:pest={form.values.pest} bind:recipe={form.values.recipe} />
            <label class="grid gap-1"
                ><span
                    ><span class="font-bold">{say('courses/new-course.name')}</span>
                    <span class="quiet">{say('courses/new-course.name-if-needed')}</span></span
                ><input name="name" autocomplete="off" class="input w-full" maxlength="200" bind:value={form.values.name} /></label
            >
            <FormFoot {form} send={() => void begin(plants)} />
            <button class="act" disabled={form.held || !hasPlants || form.values.recipe === ''}>{say('courses/new-course.begin')}</button>
        </form>
    {/snippet}
</Waiting>
