<script lang="ts" module>
    const NOBODY = '00000000-0000-4000-8000-000000000000';
</script>

<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../lib/client';
    import { Loaded } from '../lib/loaded.svelte';
    import { atTime, onShortDay } from '../lib/time';
    import FaultNote from '../parts/FaultNote.svelte';
    import type { Entry } from './entry';
    import { outbox } from './here';
    import { moved } from './kinds';

    type Place = Schemas['Where'];
    type Kind = 'cases' | 'batches' | 'leaf-tests' | 'rounds' | 'runs';

    /** What was entered of one record, for another notebook than there is now. */
    const { entries }: { entries: readonly Entry[] } = $props();
    const first = untrack(() => entries[0]) as Entry;
    const [kind = '', key = ''] = first.group.split('/');
    /** A row number, as a version before kept it, names nothing that could be found again. */
    const sought = key.includes('-') ? key : NOBODY;
    /** Ticks of one batch and steps of one walk fit no other. */
    const onlyHere = first.key !== null || kind === 'runs';
    const sprayed = typeof first.body['batch'] === 'string' ? first.body['batch'] : 'batchId' in first.body ? NOBODY : null;

    const asked = (of: Kind, named: string) => taken(api.GET('/api/whereto', { params: { query: { kind: of, key: named } } }));
    const places = new Loaded(async () => {
        const [mine, batches] = await Promise.all([
            asked(kind as Kind, sought),
            sprayed === null ? { here: null, choices: [] } : asked('batches', sprayed),
        ]);
        place = mine.here?.key ?? '';
        batch = batches.here?.key ?? '';
        return { here: mine.here, choices: onlyHere ? [] : others(mine), batches: batches.here === null ? batches.choices : [] };
    });
    let place = $state('');
    let batch = $state('');
    const ready = $derived(place !== '' && (sprayed === null || batch !== ''));

    function others({ here, choices }: { here: Place | null; choices: readonly Place[] }): readonly Place[] {
        return here === null ? choices : [here, ...choices.filter((one) => one.key !== here.key)];
    }

    function put(): void {
        for (const entry of entries) {
            outbox.putWhere(entry, moved(entry, `${kind}/${place}`, sprayed === null ? {} : { batch }));
        }
    }
</script>

<form
    class="border-warning grid gap-1 border-l-8 pl-3"
    data-astray={kind}
    onsubmit={(event) => {
        event.preventDefault();
        put();
    }}
>
    <p>
        <strong>{entries.length > 1 ? `${entries.length} × ` : ''}{first.what}{first.of === '' ? '' : `, ${first.of}`}</strong>
        <span class="quiet">{atTime(first.at)}</span>
    </p>
    <FaultNote fault={places.fault} />
    {#if places.value !== null}
        {@const { here, choices, batches } = places.value}
        {#if choices.length === 0}
            <p class="quiet">
                {here === null
                    ? say('offline/astray.nowhere')
                    : say('offline/astray.only-there', { name: here.name, at: onShortDay(here.at) })}
            </p>
        {/if}
        <div class="flex flex-wrap items-end gap-2">
            {#if choices.length > 0}
                <label class="grid min-w-52 flex-1 gap-1"
                    ><span>{say('offline/astray.where')}</span>
                    <select class="select w-full" bind:value={place} required data-place>
                        <option value="" disabled>{say('offline/astray.choose')}</option>
                        {#each choices as one (one.key)}<option value={one.key}
                                >{one.name}, {onShortDay(one.at)}{one.key === here?.key ? say('offline/astray.the-same') : ''}</option
                            >{/each}
                    </select></label
                >
            {/if}
            {#if batches.length > 0}
                <label class="grid min-w-52 flex-1 gap-1"
                    ><span>{say('offline/astray.which-batch')}</span>
                    <select class="select w-full" bind:value={batch} required data-batch>
                        <option value="" disabled>{say('offline/astray.choose')}</option>
                        {#each batches as one (one.key)}<option value={one.key}>{one.name}, {onShortDay(one.at)}</option>{/each}
                    </select></label
                >
            {/if}
            {#if here !== null || choices.length > 0}<button class="btn" disabled={!ready} data-put>{say('offline/astray.put')}</button
                >{/if}
            <button type="button" class="btn btn-ghost" onclick={() => entries.forEach((entry) => outbox.drop(entry))} data-away
                >{say('offline/astray.away')}</button
            >
        </div>
    {/if}
</form>
