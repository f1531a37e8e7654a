<script lang="ts">
    import { untrack } from 'svelte';
    import { caseOf } from '../../lib/case';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { typedNumber } from '../../lib/figures';
    import { Form } from '../../lib/form.svelte';
    import { instantOf, whenField } from '../../lib/when';
    import { arrived, undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import { spotOf } from '../../lib/spots';
    import Spots from '../../parts/Spots.svelte';
    import When from '../../parts/When.svelte';

    interface Props {
        one: Schemas['Case'];
        /** The count to correct; none for a new one. */
        count?: Schemas['Case']['counts'][number];
        onsaved: (next: Schemas['Case']) => void;
    }
    type Look = Pick<Schemas['NewCount'], 'value' | 'each' | 'stages' | 'newClean' | 'helpers' | 'spots'>;
    const { one, count, onsaved }: Props = $props();
    const shown = (number: number | undefined): string => (number === undefined ? '' : String(Math.round(100 * number) / 100));
    const flagText = (flag: boolean | null | undefined): string => (flag === null || flag === undefined ? '' : flag ? 'yes' : 'no');
    const flagOf = (text: string): boolean | null => (text === '' ? null : text === 'yes');
    const form = untrack(
        () =>
            new Form(count === undefined ? `count-of-case-${one.id}` : `count-${count.id}-${count.version}`, {
                // As it was counted last: the same way each time.
                total: (count ?? one.counts.at(-1))?.each === null,
                text: count === undefined || count.each !== null ? '' : String(count.value),
                each: Array.from({ length: Math.max(one.look.spots, count?.each?.length ?? 0) }, (_, i) => shown(count?.each?.[i])),
                stages: one.look.stages.map((stage) => shown(count?.stages[stage.key])),
                newClean: flagText(count?.newClean),
                helpers: flagText(count?.helpers),
                spots: one.look.own,
                untreated: count?.untreated ?? false,
                when: whenField(count?.countedAt),
            }),
    );
    const SHARES = [0, 5, 10, 25, 50, 75, 100];
    const spotsLeft = $derived(form.values.each.filter((text) => text.trim() === '').length);

    /** What was seen, as it is sent; a sentence where it cannot be. */
    function seen(): Look | string {
        const { total, text, each, stages, newClean, helpers, spots } = form.values;
        const stage = stages.map((number) => (number.trim() === '' ? null : typedNumber(number)));
        if (stage.some((number) => number !== null && Number.isNaN(number))) {
            return 'Write how many of each stage as a number, or leave it empty.';
        }
        const more = {
            stages: Object.fromEntries(
                one.look.stages.flatMap((known, i) => (typeof stage[i] === 'number' ? [[known.key, stage[i]]] : [])),
            ),
            newClean: flagOf(newClean),
            helpers: flagOf(helpers),
            ...(spots === one.look.own ? {} : { spots }),
        };
        if (total) {
            const value = typedNumber(text);
            return Number.isNaN(value) ? 'Write how many you counted as a number, like 40; 0 when there are none.' : { value, ...more };
        }
        const filled = each.filter((spot) => spot.trim() !== '').map(spotOf);
        if (filled.length === 0) {
            return `Say of each ${one.look.spot} how many there are, 0 where there are none; or write the total.`;
        }
        const known = filled.filter((spot): spot is Exclude<typeof spot, null> => spot !== null);
        return known.length < filled.length ? 'One of these is no number: write numbers, or tap a class.' : { each: known, ...more };
    }

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { untreated, when } = form.values;
        const look = seen();
        if (typeof look === 'string') {
            form.fault = new Fault('', look);
            return;
        }
        const instant = instantOf(when, count?.countedAt);
        const at = instant === undefined ? {} : { countedAt: instant };
        const said = 'value' in look ? `The count of ${look.value} ${one.counted}` : `The count of ${one.counted}`;
        const correct = (id: number, basedOn: number): Promise<Schemas['Case']> =>
            taken(
                api.PUT('/api/counts/{id}', {
                    params: { path: { id } },
                    body: { basedOn, notes: count?.notes ?? '', untreated, ...look, ...at },
                }),
            );
        const saved = await form.send(
            (submission, basedOn) =>
                count === undefined
                    ? taken(
                          api.POST('/api/cases/{id}/counts', {
                              params: { path: { id: one.id } },
                              body: { submission, untreated, ...look, ...at },
                          }),
                      ).then(async ({ saved: made }) => ({ ...(await caseOf(one)), saved: made }))
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
    <p class="quiet">{one.look.where}</p>
    {#if form.values.total}
        <label class="grid gap-1">
            <span>How many {one.counted}? <span class="quiet">Living ones only, the same spots each time.</span></span>
            <input class="input numeral w-full text-xl" inputmode="decimal" name="count" bind:value={form.values.text} />
        </label>
    {:else}
        <Spots
            label={one.look.percent ? `Percent of each ${one.look.spot}` : `How many on each ${one.look.spot}`}
            bind:each={form.values.each}
            classes={!one.look.percent}
            shares={one.look.percent ? SHARES : []}
        />
        {#if spotsLeft > 0 && spotsLeft < form.values.each.length}<p class="quiet text-sm">
                {spotsLeft} left out: the others stand for them.
            </p>{/if}
    {/if}
    <label class="flex min-h-11 items-center gap-3"
        ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.total} /> Only a total</label
    >
    {#if one.look.stages.length > 0}
        <div class="flex flex-wrap gap-3">
            {#each one.look.stages as stage, i (stage.key)}<label class="grid gap-1"
                    ><span>Of these {stage.name}</span><input
                        class="input numeral w-24"
                        inputmode="decimal"
                        bind:value={form.values.stages[i]}
                    /></label
                >{/each}
        </div>
    {/if}
    <div class="flex flex-wrap gap-3">
        <label class="grid gap-1"
            ><span>New growth</span><select class="select" bind:value={form.values.newClean}
                ><option value="">not looked at</option><option value="yes">clean</option><option value="no">hit</option></select
            ></label
        >
        <label class="grid gap-1"
            ><span>Helpful insects</span><select class="select" bind:value={form.values.helpers}
                ><option value="">not looked for</option><option value="yes">seen</option><option value="no">none</option></select
            ></label
        >
    </div>
    <label class="grid gap-1"
        ><span>Where you look <span class="quiet">(kept for the next time)</span></span><input
            class="input w-full"
            maxlength="500"
            placeholder="Shoots with a thread, north side"
            bind:value={form.values.spots}
        /></label
    >
    {#if one.look.compare && !form.values.untreated}<p class="quiet text-sm" data-compare>{one.look.compare}</p>{/if}
    <label class="flex min-h-11 items-center gap-3"
        ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.untreated} /> Counted on a plant that is left unsprayed</label
    >
    <When label="When" bind:value={form.values.when} />
    <FormFoot {form} send={() => void save()} />
    <button class="btn btn-primary" disabled={form.held}>{count === undefined ? 'Save the count' : 'Correct the count'}</button>
</form>
