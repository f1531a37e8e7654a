<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { instantOf, whenField } from '../../lib/when';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import When from '../../parts/When.svelte';
    import BoughtFields from '../cases/BoughtFields.svelte';
    import { boughtBody, boughtValues } from '../cases/bought';

    interface Props {
        /** Identity of the course. */
        course: string;
        onsaved: (course: Schemas['Course']) => void;
    }
    /** Something bought went on all of its plants. */
    const { course, onsaved }: Props = $props();
    const form = untrack(() => new Form(`bought-for-${course}`, { ...boughtValues(null), when: whenField(undefined) }));

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const instant = instantOf(form.values.when, undefined);
        const saved = await form.send((submission) =>
            taken(
                api.POST('/api/courses/{id}/rounds', {
                    params: { path: { id: course } },
                    body: { submission, bought: boughtBody(form.values), ...(instant === undefined ? {} : { sprayedAt: instant }) },
                }),
            ),
        );
        if (saved !== null) {
            const made = saved.bought[0];
            if (made !== undefined) {
                undo.made('rounds', made, made.name);
            }
            form.clear();
            onsaved(saved);
        }
    }
</script>

<form class="grid max-w-2xl gap-3 pb-4" onsubmit={save} data-bought-for-all>
    <BoughtFields bind:values={form.values} known={[]} />
    <When label={say('cases/round-form.when')} bind:value={form.values.when} />
    <FormFoot {form} send={() => void save()} />
    <button class="btn btn-primary justify-self-start" disabled={form.held || form.values.boughtName.trim() === ''}
        >{say('courses/bought-for-all.keep')}</button
    >
</form>
