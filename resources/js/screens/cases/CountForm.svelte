<script lang="ts">
    import { untrack } from 'svelte';
    import { caseOf } from '../../lib/case';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { Form } from '../../lib/form.svelte';
    import { instantOf, whenField } from '../../lib/when';
    import { arrived, undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import Spots from '../../parts/Spots.svelte';
    import When from '../../parts/When.svelte';
    import MoreSeen from './MoreSeen.svelte';
    import { seen } from './seen';

    interface Props {
        one: Schemas['Case'];
        /** The count to correct; none for a new one. */
        count?: Schemas['Case']['counts'][number];
        onsaved: (next: Schemas['Case']) => void;
    }
    const { one, count, onsaved }: Props = $props();
    const shown = (number: number | undefined): string => (number === undefined ? '' : String(Math.round(100 * number) / 100));
    const flagText = (flag: boolean | null | undefined): string => (flag === null || flag === undefined ? '' : flag ? 'yes' : 'no');
    const form = untrack(
        () =>
            new Form(count === undefined ? `count-of-case-${one.key}` : `count-${count.key}-${count.version}`, {
                // As it was counted last: the same way each time.
                total: (count ?? one.counts.at(-1))?.each === null,
                text: count === undefined || count.each !== null ? '' : String(count.value),
                each: Array.from({ length: Math.max(one.look.spots, count?.each?.length ?? 0) }, (_, i) => shown(count?.each?.[i])),
                stages: one.look.stages.map((stage) => shown(count?.stages[stage.key])),
                newClean: flagText(count?.newClean),
                helpers: count === undefined || count.helpers === null ? '' : Object.keys(count.helpers).length > 0 ? 'yes' : 'no',
                friends: count?.helpers ?? {},
                spots: one.look.own,
                untreated: count?.untreated ?? false,
                when: whenField(count?.countedAt),
            }),
    );
    const SHARES = [0, 5, 10, 25, 50, 75, 100];
    const spotsLeft = $derived(form.values.each.filter((text) => text.trim() === '').length);

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { untreated, when } = form.values;
        const look = seen(form.values, one.look);
        if (typeof look === 'string') {
            form.fault = new Fault('', look);
            return;
        }
        const instant = instantOf(when, count?.countedAt);
        const at = instant === undefined ? {} : { countedAt: instant };
        const said =
            'value' in look
                ? say('cases/count-form.count-of', { look: look.value, counted: one.counted })
                : say('cases/count-form.count-of-2', { counted: one.counted });
        const correct = (key: string, basedOn: number): Promise<Schemas['Case']> =>
            taken(
                api.PUT('/api/counts/{id}', {
                    params: { path: { id: key } },
                    body: { basedOn, notes: count?.notes ?? '', untreated, ...look, ...at },
                }),
            );
        const saved = await form.send(
            (submission, basedOn) =>
                count === undefined
                    ? taken(
                          api.POST('/api/cases/{id}/counts', {
                              params: { path: { id: one.key } },
                              body: { submission, untreated, ...look, ...at },
                          }),
                      ).then(async ({ saved: made }) => ({ ...(await caseOf(one)), saved: made }))
                    : correct(count.key, basedOn(count.version)),
            (earlier) => correct(earlier.key, earlier.version),
        );
        if (saved === null) {
            return;
        }
        const changed = saved.counts.find((each) => each.id === (count?.id ?? form.mended?.id));
        if (changed !== undefined) {
            undo.changed(
                'counts',
                changed,
                said,
                form.mended === null ? say('cases/count-form.corrected', { said }) : arrived(said, form.mended),
            );
        } else if (saved.saved !== null) {
            undo.made('counts', saved.saved, said);
        }
        form.clear();
        onsaved(saved);
    }
</script>

<form class="grid gap-3 pb-4" onsubmit={save}>
    <p class="quiet">{one.look.where}</p>
    {#if form.values.total}
        <label class="grid gap-1">
            <span
                >{say('cases/count-form.how-many', { counted: one.counted })}
                <span class="quiet">{say('cases/count-form.living-ones-only-same-spots')}</span></span
            >
            <input class="input numeral w-full text-xl" inputmode="decimal" name="value" bind:value={form.values.text} />
        </label>
    {:else}
        <Spots
            label={one.look.percent
                ? say('cases/count-form.percent-of-each', { spot: one.look.spot })
                : say('cases/count-form.how-many-on-each', { spot: one.look.spot })}
            bind:each={form.values.each}
            classes={!one.look.percent}
            shares={one.look.percent ? SHARES : []}
        />
        {#if spotsLeft > 0 && spotsLeft < form.values.each.length}<p class="quiet text-sm">
                {say('cases/count-form.left-out-others-stand-for', { spotsLeft })}
            </p>{/if}
    {/if}
    <label class="flex min-h-11 items-center gap-3"
        ><input name="total" type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.total} />
        {say('cases/count-form.only-total')}</label
    >
    <MoreSeen
        look={one.look}
        bind:stages={form.values.stages}
        bind:newClean={form.values.newClean}
        bind:helpers={form.values.helpers}
        bind:friends={form.values.friends}
    />
    <label class="grid gap-1"
        ><span>{say('cases/count-form.where-you-look')} <span class="quiet">{say('cases/count-form.kept-for-next-time')}</span></span><input
            name="spots"
            class="input w-full"
            maxlength="500"
            placeholder={say('cases/count-form.shoots-with-thread-north-side')}
            bind:value={form.values.spots}
        /></label
    >
    {#if one.look.compare && !form.values.untreated}<p class="quiet text-sm" data-compare>{one.look.compare}</p>{/if}
    <label class="flex min-h-11 items-center gap-3"
        ><input name="untreated" type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.untreated} />
        {say('cases/count-form.counted-on-plant-that-left')}</label
    >
    <When label={say('cases/count-form.when')} bind:value={form.values.when} />
    <FormFoot {form} send={() => void save()} />
    <button class="btn btn-primary" disabled={form.held}
        >{count === undefined ? say('cases/count-form.save-count') : say('cases/count-form.correct-count')}</button
    >
</form>
