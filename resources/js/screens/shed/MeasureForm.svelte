<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { typedNumber } from '../../lib/figures';
    import { Form } from '../../lib/form.svelte';
    import { arrived, undo } from '../../lib/undo.svelte';
    import AmountField from '../../parts/AmountField.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';

    interface Props {
        units: Schemas['Catalogue']['volumeUnits'];
        /** The measure to correct; none for a new one. */
        measure?: Schemas['Measure'];
        onadded: () => void;
    }
    const { units, measure, onadded }: Props = $props();
    type Kind = Schemas['Measure']['kind'];
    const kinds: { value: Kind; label: string }[] = [
        { value: 'level', label: say('shed/measure-form.spoon-or-cup-filled-level') },
        { value: 'marked', label: say('shed/measure-form.syringe-jug-or-cylinder-with') },
        { value: 'dropper', label: 'a dropper' },
        { value: 'scale', label: say('shed/measure-form.kitchen-scale') },
    ];
    const was = untrack(() => measure);
    const form = new Form(was === undefined ? 'measure' : `measure-${was.key}-${was.version}`, {
        kind: (was?.kind ?? 'level') as string,
        name: was?.name ?? '',
        amount: was === undefined ? '' : String(was.holds.amount),
        step: was?.step == null ? '' : String(was.step),
        unit: (was?.holds.unit ?? '[tbs_us]') as string,
    });
    const kind = $derived(form.values.kind as Kind);
    const scale = $derived(kind === 'scale');
    const offered = $derived(
        scale
            ? [
                  { code: 'g', words: 'g' },
                  { code: '[oz_av]', words: 'oz' },
              ]
            : units,
    );

    function pick(next: Kind): void {
        form.values.kind = next;
        form.values.unit = { level: '[tbs_us]', marked: 'mL', dropper: 'mL', scale: 'g' }[next];
        form.values.amount = next === 'dropper' ? '0.05' : '';
    }

    async function add(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { name, amount, step, unit } = form.values;
        const holds = { amount: typedNumber(amount), unit };
        const every = typedNumber(step);
        if (Number.isNaN(holds.amount) || (kind === 'marked' && Number.isNaN(every))) {
            form.fault = new Fault('/amount', say('shed/measure-form.write-numbers-like-5-or'));
            return;
        }
        const body = { name, holds, kind, ...(kind === 'marked' ? { step: every } : {}) };
        const correct = (key: string, basedOn: number): Promise<Schemas['Measure']> =>
            taken(api.PUT('/api/measures/{id}', { params: { path: { id: key } }, body: { basedOn, ...body } }));
        const kept = await form.send(
            (submission, basedOn) =>
                measure === undefined
                    ? taken(api.POST('/api/measures', { body: { submission, ...body } }))
                    : correct(measure.key, basedOn(measure.version)),
            (earlier) => correct(earlier.key, earlier.version),
        );
        if (kept === null) {
            return;
        }
        if (measure !== undefined) {
            undo.changed('measures', kept, kept.name, say('shed/measure-form.corrected', { name: kept.name }));
        } else {
            undo.made('measures', kept, kept.name, undefined, form.mended === null ? undefined : arrived(kept.name, form.mended));
        }
        form.clear();
        onadded();
    }
</script>

{#snippet fields()}
    <form class="mt-3 grid gap-3" onsubmit={add}>
        <label class="grid gap-1"
            ><span class="font-bold">{say('shed/measure-form.it-is')}</span><select class="select w-full" bind:value={() => kind, pick}
                >{#each kinds as one (one.value)}<option value={one.value}>{one.label}</option>{/each}</select
            ></label
        >
        <label class="grid gap-1"
            ><span class="font-bold">{say('shed/measure-form.name')}</span><input
                name="name"
                autocomplete="off"
                class="input w-full"
                maxlength="200"
                required
                bind:value={form.values.name}
            /></label
        >
        <AmountField
            label={{
                level: say('shed/measure-form.holds'),
                marked: say('shed/measure-form.up-to-its-last-mark'),
                dropper: say('shed/measure-form.one-drop'),
                scale: say('shed/measure-form.shows-steps-of'),
            }[kind]}
            required
            units={offered}
            weight={kind === 'scale'}
            bind:amount={form.values.amount}
            bind:unit={form.values.unit}
        />
        {#if kind === 'marked'}
            <label class="grid gap-1"
                ><span class="font-bold">{say('shed/measure-form.from-one-readable-mark-to')}</span><input
                    name="step"
                    class="input numeral w-full"
                    inputmode="decimal"
                    required
                    bind:value={form.values.step}
                /></label
            >
        {/if}
        {#if kind === 'dropper'}<p class="quiet">
                {say('shed/measure-form.0-05-ml-pharmacists-drop')}
            </p>{/if}
        <FormFoot {form} send={() => void add()} />
        <button class="btn btn-primary" disabled={form.held}
            >{measure === undefined ? say('shed/measure-form.add') : say('shed/measure-form.correct-measure')}</button
        >
    </form>
{/snippet}

{#if measure === undefined}
    <details>
        <summary class="btn">{say('shed/measure-form.another-measure')}</summary>
        {@render fields()}
    </details>
{:else}
    {@render fields()}
{/if}
