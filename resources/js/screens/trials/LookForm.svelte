<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { Form } from '../../lib/form.svelte';
    import { undo } from '../../lib/undo.svelte';
    import { countsOf } from '../../lib/spots';
    import FormFoot from '../../parts/FormFoot.svelte';
    import Spots from '../../parts/Spots.svelte';

    interface Props {
        trial: Schemas['Trial'];
        /** The look to correct; none for a new one. */
        look?: Schemas['Trial']['looks'][number];
        onsaved: (next: Schemas['Trial']) => void;
    }
    const { trial, look, onsaved }: Props = $props();
    const form = untrack(
        () =>
            new Form(look === undefined ? `look-of-trial-${trial.key}` : `trial-look-${look.key}-${look.version}`, {
                each: (look?.counts ?? Array.from({ length: trial.units }, () => null)).map((count) =>
                    count === null ? '' : String(count),
                ),
            }),
    );

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const counts = countsOf(form.values.each);
        if (counts === null) {
            form.fault = new Fault('', say('trials/look-form.write-number-for-each-0'));
            return;
        }
        const saved = await form.send((submission, basedOn) =>
            look === undefined
                ? taken(api.POST('/api/trials/{id}/looks', { params: { path: { id: trial.key } }, body: { submission, counts } }))
                : taken(
                      api.PUT('/api/trial-looks/{id}', {
                          params: { path: { id: look.key } },
                          body: { basedOn: basedOn(look.version), countedAt: look.countedAt, counts },
                      }),
                  ),
        );
        if (saved !== null) {
            const made = saved.looks.at(-1);
            if (look === undefined && made !== undefined) {
                undo.made('trial-looks', made, say('trials/look-form.look'));
            }
            form.clear();
            onsaved(saved);
        }
    }
</script>

<form class="grid gap-3" onsubmit={save} data-trial-look>
    <Spots label={say('trials/look-form.count-on-each', { unit: trial.unit })} bind:each={form.values.each} />
    <FormFoot {form} send={() => void save()} />
    <button class="btn btn-primary justify-self-start" disabled={form.held}
        >{look === undefined ? say('trials/look-form.save-look') : say('trials/look-form.correct-look')}</button
    >
</form>
