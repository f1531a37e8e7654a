<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { Loaded } from '../../lib/loaded.svelte';
    import { arrived, undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import LeafCard from './LeafCard.svelte';
    import LeafStrip from './LeafStrip.svelte';
    import { SeenState } from './seen.svelte';

    interface Props {
        test: Schemas['LeafTest'];
        catalogue: Schemas['Catalogue'];
        /** The look to correct; none for a new one. */
        reading?: Schemas['LeafTest']['readings'][number];
        onread: (test: Schemas['LeafTest']) => void;
        onphoto?: () => void;
    }
    const { test, catalogue, reading, onread, onphoto = () => undefined }: Props = $props();
    const form = untrack(
        () =>
            new Form(reading === undefined ? `look-at-test-${test.key}` : `look-${reading.key}-${reading.version}`, {
                leaves: test.leafList.map((leaf) => {
                    const seen = reading?.leaves.find((one) => one.leaf === leaf.number);
                    return seen === undefined ? '' : JSON.stringify(seen);
                }),
                weather: (reading?.weather ?? []) as string[],
                notes: reading?.notes ?? '',
                correctedByEye: false,
            }),
    );
    const states = untrack(() => test.leafList.map((leaf, n) => new SeenState(leaf.number, form.values.leaves[n] ?? '')));
    const drawings = new Loaded(
        async () => (await taken(api.GET('/api/leaf-drawings/{shape}', { params: { path: { shape: test.shape } } }))).drawings,
    );
    const eye = new Loaded(async () => (await taken(api.GET('/api/eye'))).eye);
    /** Which leaf is looked at; the first that nothing is said of. */
    let at = $state(
        untrack(() =>
            Math.max(
                0,
                states.findIndex((one) => !one.said),
            ),
        ),
    );
    const complete = $derived(states.every((one) => one.said));
    // What was tapped is kept on this device with the form.
    $effect(() => {
        form.values.leaves = states.map((one) => one.kept);
    });

    function toggle(code: string): void {
        const { weather } = form.values;
        form.values.weather = weather.includes(code) ? weather.filter((one) => one !== code) : [...weather, code];
    }

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const body = {
            leaves: states.map((one) => one.body),
            weather: form.values.weather as Schemas['Meanwhile'][],
            notes: form.values.notes,
            correctedByEye: form.values.correctedByEye,
        };
        const correct = (key: string, basedOn: number): Promise<Schemas['LeafTest']> =>
            taken(
                api.PUT('/api/readings/{id}', {
                    params: { path: { id: key } },
                    body: { basedOn, ...(reading === undefined ? {} : { readAt: reading.readAt }), ...body },
                }),
            );
        const saved = await form.send(
            (submission, basedOn) =>
                reading === undefined
                    ? taken(
                          api.POST('/api/leaf-tests/{id}/readings', { params: { path: { id: test.key } }, body: { submission, ...body } }),
                      )
                    : correct(reading.key, basedOn(reading.version)),
            (earlier) => correct(earlier.key, earlier.version),
        );
        if (saved === null) {
            return;
        }
        const changed = saved.readings.find((each) => each.id === (reading?.id ?? form.mended?.id));
        if (changed !== undefined) {
            undo.changed(
                'readings',
                changed,
                say('leaf/reading-form.look'),
                form.mended === null ? say('leaf/reading-form.look-corrected') : arrived(say('leaf/reading-form.look'), form.mended),
            );
        } else if (saved.saved !== null) {
            undo.made('readings', saved.saved, say('leaf/reading-form.look'));
        }
        form.clear();
        onread(saved);
    }
</script>

<form class={['grid gap-4', reading === undefined && 'dish']} onsubmit={save}>
    {#if reading === undefined}
        <div class="flex flex-wrap items-center justify-between gap-2">
            <h2>{say('leaf/reading-form.how-do-leaves-look')}</h2>
            <button type="button" class="btn" onclick={() => states.forEach((one) => one.looksLike(0))}
                >{say('leaf/reading-form.all-are-clean')}</button
            >
        </div>
        <p class="quiet">{say('leaf/reading-form.take-drawn-leaf-most-like')}</p>
    {/if}
    <Waiting of={drawings}>
        {#snippet children(drawn)}
            <LeafStrip leaves={test.leafList} {states} drawings={drawn} bind:at />
            {@const leaf = test.leafList[at]}
            {@const seen = states[at]}
            {#if leaf !== undefined && seen !== undefined}{#key leaf.number}<LeafCard
                        {test}
                        {leaf}
                        {seen}
                        drawings={drawn}
                        injuries={catalogue.injuries}
                        {onphoto}
                        onnext={at + 1 < states.length ? () => ++at : undefined}
                    />{/key}{/if}
        {/snippet}
    </Waiting>
    <fieldset>
        <legend class="font-bold">{say('leaf/reading-form.what-was-like-meanwhile')}</legend>
        <div class="mt-1 flex flex-wrap gap-1">
            {#each catalogue.meanwhile as one (one.code)}<button
                    type="button"
                    class={['btn', form.values.weather.includes(one.code) && 'btn-primary']}
                    aria-pressed={form.values.weather.includes(one.code)}
                    onclick={() => toggle(one.code)}>{one.words}</button
                >{/each}
        </div>
    </fieldset>
    <label class="grid gap-1"
        ><span class="font-bold">{say('leaf/reading-form.anything-else-seen')}</span><textarea
            name="notes"
            class="textarea w-full"
            rows="2"
            maxlength="1000"
            bind:value={form.values.notes}></textarea></label
    >
    {#if reading === undefined && eye.value?.correctable === true}<label class="flex min-h-11 items-center gap-3"
            ><input
                name="correctedByEye"
                type="checkbox"
                class="checkbox checkbox-primary"
                bind:checked={form.values.correctedByEye}
            /><span>{say('leaf/reading-form.correct-what-i-judged-by', { words: eye.value.words })}</span></label
        >{/if}
    <FormFoot {form} send={() => void save()} />
    <button class="btn btn-primary" disabled={!complete || form.held}
        >{reading === undefined ? say('leaf/reading-form.save-this-look') : say('leaf/reading-form.correct-this-look')}</button
    >
</form>
