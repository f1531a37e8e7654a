<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';

    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
    const form = untrack(() => new Form(`close-case-${one.key}`, { conclusion: one.conclusion }));

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const saved = await form.send((_, basedOn) =>
            taken(
                api.PUT('/api/cases/{id}/closed', {
                    params: { path: { id: one.key } },
                    body: { basedOn: basedOn(one.version), closed: one.closedAt === null, conclusion: form.values.conclusion },
                }),
            ),
        );
        if (saved !== null) {
            const { version, closedAt, conclusion, name } = saved;
            const put = { basedOn: version, closed: closedAt === null, conclusion };
            undo.done(
                say('cases/close-form.is', { name, closedAt: closedAt === null ? say('cases/close-form.open-again') : 'closed' }),
                () => taken(api.PUT('/api/cases/{id}/closed', { params: { path: { id: one.key } }, body: put })),
            );
            form.clear();
            onsaved(saved);
        }
    }
</script>

<form class="grid gap-3 pb-4" onsubmit={save}>
    {#if one.closedAt === null}
        <p class="quiet">{say('cases/close-form.one-quiet-week-not-end')}</p>
        <label class="grid gap-1"
            ><span>{say('cases/close-form.what-came-of')}</span><textarea
                name="conclusion"
                class="textarea w-full"
                rows="2"
                maxlength="1000"
                bind:value={form.values.conclusion}></textarea></label
        >
    {/if}
    <FormFoot {form} send={() => void save()} />
    <button class="btn" disabled={form.held}
        >{one.closedAt === null ? say('cases/close-form.close') : say('cases/close-form.open-again-2')}</button
    >
</form>
