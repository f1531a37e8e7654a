<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { typedNumber } from '../../lib/figures';
    import { Form } from '../../lib/form.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import Stepper from '../../parts/Stepper.svelte';

    interface Props {
        caseKey: string;
        /** What is counted, in words. */
        counted: string;
        /** It is the main act of the screen. */
        main?: boolean;
        /** What is typed, before it is kept: a row draws it. */
        text?: string;
        /** Beside a row, where room is short. */
        brief?: boolean;
        onsaved: () => void;
    }
    let { caseKey, counted, main = false, text = $bindable(''), brief = false, onsaved }: Props = $props();
    const form = untrack(() => new Form(`quick-count-${caseKey}`, { text: '' }));
    $effect(() => {
        text = form.values.text;
    });

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const value = typedNumber(form.values.text);
        if (Number.isNaN(value)) {
            form.fault = new Fault('/value', say('cases/quick-count.write-how-many-you-counted'));
            return;
        }
        const saved = await form.send((submission) =>
            taken(api.POST('/api/cases/{id}/counts', { params: { path: { id: caseKey } }, body: { submission, value, untreated: false } })),
        );
        if (saved !== null) {
            undo.made('counts', saved.saved, say('cases/quick-count.count-of', { value, counted }));
            form.clear();
            onsaved();
        }
    }
</script>

<form class="flex flex-wrap items-end gap-2" onsubmit={save} data-quick-count={caseKey}>
    <Stepper {brief} label={say('cases/quick-count.how-many', { counted })} name="value" bind:value={form.values.text} />
    <button class={main ? 'act min-h-12' : 'btn min-h-12'} disabled={form.held}
        >{brief ? say('cases/quick-count.keep') : say('cases/quick-count.save-count')}</button
    >
    <FormFoot {form} send={() => void save()} />
</form>
