<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { Loaded } from '../../lib/loaded.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import TakeBack from '../../parts/TakeBack.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { APART, recipesOf } from './chosen';
    import MethodTaps from './MethodTaps.svelte';
    import PlantTaps from './PlantTaps.svelte';

    const { course, onsaved }: { course: Schemas['Course']; onsaved: (next: Schemas['Course']) => void } = $props();
    const form = untrack(
        () =>
            new Form(`course-${course.key}`, {
                name: course.name,
                pest: course.pest ?? '',
                recipe: course.methods[0]?.slug ?? APART,
                days: String(course.everyDays ?? ''),
            }),
    );
    let chosen = $state(untrack(() => course.plants.filter((one) => !one.left).map((one) => one.plant.id)));
    const page = new Loaded(async () => {
        const [courses, plants, catalogue] = await Promise.all([
            taken(api.GET('/api/courses')),
            taken(api.GET('/api/plants')),
            taken(api.GET('/api/catalogue')),
        ]);
        return { methods: courses.methods, plants: plants.plants, pests: catalogue.pests };
    });

    async function save(ended: boolean): Promise<void> {
        const { name, pest, recipe, days } = form.values;
        // What takes turns with the first stays, while that is the same.
        const turns = recipe === course.methods[0]?.slug ? course.methods.map((one) => one.slug) : recipesOf(recipe);
        const saved = await form.send((_, basedOn) =>
            taken(
                api.PUT('/api/courses/{id}', {
                    params: { path: { id: course.key } },
                    body: {
                        basedOn: basedOn(course.version),
                        name,
                        pest: pest || null,
                        recipes: turns,
                        everyDays: recipe === APART || days.trim() === '' ? null : Number(days),
                        plantIds: [...chosen],
                        ended,
                    },
                }),
            ),
        );
        if (saved !== null) {
            undo.changed('courses', saved, saved.name, say('courses/change-course.changed', { name: saved.name }));
            form.clear();
            onsaved(saved);
        }
    }
</script>

<Waiting of={page}>
    {#snippet children({ methods, plants, pests })}
        <form
            class="grid max-w-2xl gap-4"
            onsubmit={(event) => {
                event.preventDefault();
                void save(course.endedAt !== null);
            }}
        >
            <label class="grid gap-1"
                ><span class="font-bold">{say('courses/change-course.name')}</span><input
                    name="name"
                    autocomplete="off"
                    class="input w-full"
                    maxlength="200"
                    required
                    bind:value={form.values.name}
                /></label
            >
            {#if form.values.recipe !== APART}<label class="grid gap-1"
                    ><span
                        ><span class="font-bold">{say('courses/change-course.days-between')}</span>
                        <span class="quiet">{say('courses/change-course.days-as-school')}</span></span
                    ><input name="days" class="input numeral w-40" inputmode="numeric" bind:value={form.values.days} data-days /></label
                >{/if}
            <MethodTaps {methods} {pests} bind:pest={form.values.pest} bind:recipe={form.values.recipe} />
            <PlantTaps {plants} bind:chosen />
            <FormFoot {form} send={() => void save(course.endedAt !== null)} />
            <div class="flex flex-wrap gap-2">
                <button class="btn btn-primary" disabled={form.held}>{say('courses/change-course.save')}</button>
                <button type="button" class="btn" disabled={form.held} onclick={() => void save(course.endedAt === null)}
                    >{course.endedAt === null ? say('courses/change-course.end') : say('courses/change-course.go-on')}</button
                >
                <TakeBack kind="courses" of={course} what={course.name} leave="/plants" />
            </div>
        </form>
    {/snippet}
</Waiting>
