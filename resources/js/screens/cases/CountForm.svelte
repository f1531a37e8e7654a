<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { typedNumber } from '../../lib/figures';
    import { Form } from '../../lib/form.svelte';
    import { instantOf, whenField } from '../../lib/when';
    import { arrived, undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import When from '../../parts/When.svelte';

    interface Props {
        one: Schemas['Case'];
        /** The count to correct; none for a new one. */
        count?: Schemas['Case']['counts'][number];
        onsaved: (next: Schemas['Case']) => void;
    }
    const { one, count, onsaved }: Props = $props();
    const form = untrack(
        () =>
            new Form(count === undefined ? `count-of-case-${one.id}` : `count-${count.id}-${count.version}`, {
                text: count === undefined ? '' : String(count.value),
                untreated: count?.untreated ?? false,
                when: whenField(count?.countedAt),
            }),
    );

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { text, untreated, when } = form.values;
        const value = typedNumber(text);
        if (Number.isNaN(value)) {
            form.fault = new Fault('', 'Write how many you counted as a number, like 40; 0 when there are none.');
            return;
        }
        const instant = instantOf(when, count?.countedAt);
        const at = instant === undefined ? {} : { countedAt: instant };
        const said = `The count of ${value} ${one.counted}`;
        const correct = (id: number, basedOn: number): Promise<Schemas['Case']> =>
            taken(
                api.PUT('/api/counts/{id}', {
                    params: { path: { id } },
                    body: { basedOn, notes: count?.notes ?? '', value, untreated, ...at },
                }),
            );
        const saved = await form.send(
            (submission, basedOn) =>
                count === undefined
                    ? taken(
                          api.POST('/api/cases/{id}/counts', {
                              params: { path: { id: one.id } },
                              body: { submission, value, untreated, ...at },
                          }),
                      )
                    : correct(count.id, basedOn(count.version)),
            (earlier) => correct(earlier.id, earlier.version),
        );
        if (saved === null) {
            return;
        }
        const changed = saved.counts.find((each) => each.id === (count?.id ?? form.mended?.id));
        if (changed !== undefined) {
            undo.changed('counts', changed, said, form.mended === null ? `${said} is corrected.` : arrived(said, form.mended));
        } else if (saved.saved !== null) {
            undo.made('counts', saved.saved, said);
        }
        form.clear();
        onsaved(saved);
    }
</script>

<form class="grid gap-3 pb-4" onsubmit={save}>
    <label class="grid gap-1">
        <span>How many {one.counted}? <span class="quiet">Living ones only, the same spots each time.</span></span>
        <input class="input numeral w-full text-xl" inputmode="decimal" name="count" bind:value={form.values.text} />
    </label>
    <label class="flex min-h-11 items-center gap-3"
        ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.untreated} /> Counted on a plant that is left unsprayed</label
    >
    <When label="When" bind:value={form.values.when} />
    <FormFoot {form} send={() => void save()} />
    <button class="btn btn-primary" disabled={form.held}>{count === undefined ? 'Save the count' : 'Correct the count'}</button>
</form>
