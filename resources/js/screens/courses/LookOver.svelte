<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import Stepper from '../../parts/Stepper.svelte';

    interface Props {
        course: Schemas['Course'];
        /** The plant on which something was seen on the way. */
        seen: number | null;
        onsaved: (next: Schemas['Course']) => void;
    }
    const { course, seen, onsaved }: Props = $props();
    const sending = new Sending();
    const pests = new Loaded(async () => (await taken(api.GET('/api/catalogue'))).pests);
    const on = untrack(() => course.plants.filter((one) => !one.left));
    /** What was counted on each, by plant; 0 where nothing is. */
    let counts = $state<Record<number, string>>(Object.fromEntries(on.map((one) => [one.plant.id, one.plant.id === seen ? '1' : '0'])));
    let what = $state<Record<number, string>>({});
    const found = $derived(on.filter((one) => Number(counts[one.plant.id]) > 0));
    const pestOf = (plant: number): string => what[plant] ?? course.pest ?? pests.value?.[0]?.slug ?? '';

    async function save(clean: boolean): Promise<void> {
        const saved = await sending.send((submission) =>
            taken(
                api.POST('/api/courses/{id}/looks', {
                    params: { path: { id: course.key } },
                    body: {
                        submission,
                        all: seen === null,
                        found: clean
                            ? []
                            : found.map(({ plant }) => ({ plantId: plant.id, pest: pestOf(plant.id), count: Number(counts[plant.id]) })),
                    },
                }),
            ),
        );
        if (saved !== null) {
            const made = saved.looks[0];
            if (made !== undefined) {
                undo.made('course-looks', made, say('courses/look-over.the-look'));
            }
            onsaved(saved);
        }
    }
</script>

<section class="dish mt-4 grid gap-3" aria-label={say('courses/look-over.look-them-over')} id="look">
    <div class="flex flex-wrap items-center gap-3">
        <p class="min-w-56 flex-1">{say('courses/look-over.undersides')}</p>
        <button class="btn btn-primary" disabled={sending.held || found.length > 0} onclick={() => void save(true)}
            >{say('courses/look-over.all-clean', { plants: on.length })}</button
        >
    </div>
    <ul class="grid gap-x-8 lg:grid-cols-2">
        {#each on as { plant } (plant.id)}
            <li class="border-base-300 flex flex-wrap items-end gap-3 border-b py-1">
                <Stepper
                    label={plant.name}
                    name={`found-${plant.id}`}
                    bind:value={() => counts[plant.id] ?? '0', (next) => (counts[plant.id] = next)}
                />
                {#if Number(counts[plant.id]) > 0}
                    <label class="grid min-w-40 flex-1 gap-1"
                        ><span>{say('courses/look-over.what-is-it')}</span><select
                            class="select w-full"
                            value={pestOf(plant.id)}
                            onchange={(event) => (what[plant.id] = event.currentTarget.value)}
                            >{#each pests.value ?? [] as one (one.slug)}<option value={one.slug}>{one.name}</option>{/each}</select
                        ></label
                    >
                    <a class="link inline-flex min-h-11 items-center" href={`/look?plant=${plant.id}`}
                        >{say('courses/look-over.i-do-not-know')}</a
                    >
                {/if}
            </li>
        {/each}
    </ul>
    <FormFoot form={sending} send={() => void save(found.length === 0)} />
    {#if found.length > 0}<button class="act" disabled={sending.held || pests.value === null} onclick={() => void save(false)}
            >{seen !== null
                ? say('courses/look-over.found-on-the-way')
                : found.length === 1
                  ? say('courses/look-over.found-on-one')
                  : say('courses/look-over.found-on', { found: found.length })}</button
        >{/if}
</section>
