<script lang="ts">
    import { api, taken, type Schemas } from '../lib/client';
    import { Form } from '../lib/form.svelte';
    import { undo } from '../lib/undo.svelte';
    import FormFoot from './FormFoot.svelte';

    /** A plant named where it is missed; all else about it can wait. */
    const { tolerance, onadded }: { tolerance: Schemas['Catalogue']['tolerance']; onadded: (plant: Schemas['Plant']) => void } = $props();
    const form = new Form('quick-plant', { name: '', tolerance: 'ordinary-leaf' });

    /** Whether there is a name to add. */
    export function named(): boolean {
        return form.values.name.trim() !== '' && !form.held;
    }

    /** Adds it; null where it was not taken. */
    export async function add(event?: SubmitEvent): Promise<Schemas['Plant'] | null> {
        event?.preventDefault();
        const body = { name: form.values.name, tolerance: form.values.tolerance };
        const made = await form.send((submission) => taken(api.POST('/api/plants', { body: { submission, ...body } })));
        if (made !== null) {
            undo.made('plants', made, made.name);
            form.clear();
            onadded(made);
        }
        return made;
    }
</script>

<form class="grid gap-3" onsubmit={add} data-quick-plant>
    <label class="grid gap-1"
        ><span class="font-bold">{say('parts/quick-plant.name-of-plant')}</span><input
            name="name"
            autocomplete="off"
            class="input w-full"
            maxlength="200"
            required
            bind:value={form.values.name}
        /></label
    >
    <label class="grid gap-1"
        ><span class="font-bold">{say('parts/quick-plant.its-leaf')}</span><select
            name="tolerance"
            class="select w-full"
            bind:value={form.values.tolerance}
            >{#each tolerance as one (one.slug)}<option value={one.slug}>{one.name}</option>{/each}</select
        ></label
    >
    <FormFoot {form} send={() => void add()} />
    <button class="btn btn-primary" disabled={form.held || form.values.name.trim() === ''}>{say('parts/quick-plant.add-plant')}</button>
</form>
