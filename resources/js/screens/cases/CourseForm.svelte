<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';

    interface Props {
        one: Schemas['Case'];
        /** Whether the day on which the buds break is all that is asked. */
        buds?: boolean;
        onsaved: (next: Schemas['Case']) => void;
    }
    const { one, buds = false, onsaved }: Props = $props();
    const form = untrack(
        () => new Form(`course-of-case-${one.key}`, { days: String(one.everyDays ?? ''), budBreak: one.budBreakOn ?? '' }),
    );

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { days, budBreak } = form.values;
        const saved = await form.send((_, basedOn) =>
            taken(
                api.PUT('/api/cases/{id}/course', {
                    params: { path: { id: one.key } },
                    body: {
                        basedOn: basedOn(one.version),
                        everyDays: days.trim() === '' ? null : Number(days),
                        budBreakOn: budBreak === '' ? null : budBreak,
                    },
                }),
            ),
        );
        if (saved !== null) {
            form.clear();
            onsaved(saved);
        }
    }
</script>

<form class="no-print mt-4 flex flex-wrap items-end gap-3" onsubmit={save} data-course-form>
    {#if !buds}
        <label class="grid gap-1"
            ><span
                ><span class="font-bold">{say('cases/course-form.days-between')}</span>
                <span class="quiet">{say('cases/course-form.as-its-school')}</span></span
            ><input name="days" class="input numeral h-12 w-32" inputmode="numeric" bind:value={form.values.days} /></label
        >
    {/if}
    {#if buds || one.budBreakOn !== null}
        <label class="grid gap-1"
            ><span class="font-bold">{say('cases/course-form.when-do-buds-break')}</span><input
                name="budBreak"
                type="date"
                class="input h-12"
                required={buds}
                bind:value={form.values.budBreak}
            /></label
        >
    {/if}
    <button class={buds ? 'act' : 'btn'} disabled={form.held}>{say('cases/course-form.save')}</button>
    <FormFoot {form} send={() => void save()} />
</form>
