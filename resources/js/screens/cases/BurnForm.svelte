<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { percent, typedNumber } from '../../lib/figures';
    import { Form } from '../../lib/form.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import { MEASURED, small } from '../../lib/small';
    import { Loaded } from '../../lib/loaded.svelte';
    import { arrived, undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';

    type Round = Schemas['Case']['rounds'][number];
    interface Props {
        round: Pick<Round, 'key'>;
        /** The burn to correct; none for a new one. */
        burn?: Schemas['Burn'];
        /** With the case as it is now; null where it was one of many plants on a course. */
        onsaved: (next: Schemas['Case'] | null) => void;
    }
    const { round, burn, onsaved }: Props = $props();
    const form = untrack(
        () =>
            new Form(burn === undefined ? `burn-of-round-${round.key}` : `burn-${burn.key}-${burn.version}`, {
                share: burn === undefined ? '' : String(burn.share),
                kinds: (burn?.kinds ?? []) as string[],
                special: (burn?.special ?? []) as string[],
                notes: burn?.notes ?? '',
            }),
    );
    const catalogue = new Loaded(() => taken(api.GET('/api/catalogue')));
    const share = $derived(typedNumber(form.values.share));
    const measuring = new Sending();
    let picture = $state.raw('');
    let measured = $state.raw<Schemas['MeasuredLeaf'] | null>(null);

    /** The burn that it belongs to, once that is saved. */
    let belongsTo = $state('');
    let caseId: number | null = null;

    /** What it measures is a proposal: hands may type another figure. One that cannot be measured is kept all the same. */
    async function photograph(file: File | undefined): Promise<void> {
        if (file === undefined) {
            return;
        }
        const told = await measuring.send(async () => {
            picture = await small(file, MEASURED);
            return taken(api.POST('/api/leaf-photos', { body: { picture } }));
        });
        measured = told?.measured ?? null;
        if (measured !== null) {
            form.values.share = String(measured.injured);
        }
    }

    /** The burn itself stays saved, whatever becomes of its picture. */
    async function keepPicture(): Promise<void> {
        const kept = await measuring.send(() =>
            taken(api.PUT('/api/burns/{id}/photo', { params: { path: { id: belongsTo } }, body: { picture } })),
        );
        if (kept !== null) {
            picture = '';
            measured = null;
            belongsTo = '';
            onsaved(caseId === null ? null : await taken(api.GET('/api/cases/{id}', { params: { path: { id: caseId } } })));
        }
    }

    function toggle(field: 'kinds' | 'special', code: string): void {
        const now = form.values[field];
        form.values[field] = now.includes(code) ? now.filter((one) => one !== code) : [...now, code];
    }

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const body = {
            share,
            kinds: form.values.kinds as Schemas['InjuryKind'][],
            special: form.values.special as Schemas['BurnCause'][],
            notes: form.values.notes,
            ...(burn === undefined ? {} : { seenAt: burn.seenAt }),
        };
        type Answer = { saved: Schemas['Case']['saved']; case: Schemas['Case'] | null };
        const correct = (key: string, basedOn: number): Promise<Answer> =>
            taken(api.PUT('/api/burns/{id}', { params: { path: { id: key } }, body: { basedOn, ...body } }));
        const saved = await form.send(
            (submission, basedOn) =>
                burn === undefined
                    ? taken(api.POST('/api/rounds/{id}/burns', { params: { path: { id: round.key } }, body: { submission, ...body } }))
                    : correct(burn.key, basedOn(burn.version)),
            (earlier) => correct(earlier.key, earlier.version),
        );
        if (saved === null) {
            return;
        }
        const changed = saved.case?.rounds.flatMap((one) => one.burns).find((one) => one.id === (burn?.id ?? form.mended?.id));
        if (changed !== undefined) {
            undo.changed(
                'burns',
                changed,
                say('cases/burn-form.burn'),
                form.mended === null ? say('cases/burn-form.burn-corrected') : arrived(say('cases/burn-form.burn'), form.mended),
            );
        } else if (saved.saved !== null) {
            undo.made('burns', saved.saved, say('cases/burn-form.burn'));
        }
        form.clear();
        if (picture === '') {
            onsaved(saved.case);
        } else {
            belongsTo = changed?.key ?? saved.saved?.key ?? '';
            caseId = saved.case?.id ?? null;
            await keepPicture();
        }
    }
</script>

<form class="grid gap-3 py-2" onsubmit={save}>
    <div class="grid gap-1" data-photograph>
        <label class="btn justify-self-start"
            >{say('cases/burn-form.photograph')}<input
                type="file"
                accept="image/jpeg,image/png,image/webp"
                class="sr-only"
                onchange={(event) => void photograph(event.currentTarget.files?.[0])}
            /></label
        >
        {#if measured !== null}<p role="status" data-measured>
                {say('cases/burn-form.measured', {
                    injured: percent(measured.injured),
                    low: percent(measured.low),
                    high: percent(measured.high),
                })}
                {#if measured.unsure}{measured.doubts.join(' ')}{/if}
            </p>{:else}<p class="quiet text-sm">
                {picture === '' ? say('cases/burn-form.one-leaf-on-white') : say('cases/burn-form.kept-not-measured')}
            </p>{/if}
        <FormFoot form={measuring} send={() => void (belongsTo === '' ? null : keepPicture())} />
    </div>
    <label class="flex items-center gap-2"
        ><span class="font-bold">{say('cases/burn-form.worst-leaves-are-hurt-by')}</span><input
            name="share"
            class="input numeral w-20"
            inputmode="decimal"
            required
            bind:value={form.values.share}
        /> %</label
    >
    {#each [{ field: 'kinds' as const, legend: say('cases/burn-form.what-looks-like'), list: catalogue.value?.injuries ?? [] }, { field: 'special' as const, legend: say('cases/burn-form.what-was-special'), list: catalogue.value?.burnCauses ?? [] }] as part (part.field)}
        <fieldset>
            <legend class="font-bold">{part.legend}</legend>
            <div class="mt-1 flex flex-wrap gap-1">
                {#each part.list as one (one.code)}<button
                        type="button"
                        class={['btn', form.values[part.field].includes(one.code) && 'btn-primary']}
                        aria-pressed={form.values[part.field].includes(one.code)}
                        onclick={() => toggle(part.field, one.code)}>{one.words}</button
                    >{/each}
            </div>
        </fieldset>
    {/each}
    <label class="grid gap-1"
        ><span>{say('cases/burn-form.notes')}</span><textarea
            name="notes"
            class="textarea w-full"
            rows="2"
            maxlength="1000"
            bind:value={form.values.notes}></textarea></label
    >
    <FormFoot {form} send={() => void save()} />
    <button class="btn btn-primary" disabled={form.held || belongsTo !== '' || !(share > 0 && share <= 100)}
        >{burn === undefined ? say('cases/burn-form.they-burnt') : say('cases/burn-form.correct-burn')}</button
    >
</form>
