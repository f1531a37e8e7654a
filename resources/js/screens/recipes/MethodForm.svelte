<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { PRESSURES, type MethodOf, type Pressure } from './method.svelte';

    interface Props {
        method: MethodOf;
        proposed: Schemas['MethodDocument'] | null;
        /** The same in words. */
        used: string;
        /** What something in it works on. */
        pests: Schemas['Pest'][];
    }
    const { method, proposed, used, pests }: Props = $props();
    const draft = $derived(method.draft);
    const rinses = [
        { value: 'no', label: say('recipes/method-form.left-on') },
        { value: 'after-soak', label: say('recipes/method-form.after-soak') },
        { value: 'next-day', label: say('recipes/method-form.next-day') },
    ] as const;
    const when: Record<Pressure, string> = {
        light: say('recipes/method-form.light'),
        moderate: say('recipes/method-form.moderate'),
        heavy: say('recipes/method-form.heavy'),
        prevention: say('recipes/method-form.prevention'),
    };
    const typed = (event: Event): number | null => {
        const value = (event.currentTarget as HTMLInputElement).valueAsNumber;
        return Number.isFinite(value) && value >= 1 ? Math.round(value) : null;
    };
</script>

<div class="dish grid gap-3" data-method>
    <h2>{say('recipes/method-form.how-used')}</h2>
    <p>{say('recipes/method-form.proposed', { used })}</p>
    <fieldset>
        <legend class="font-bold">{say('recipes/method-form.against')}</legend>
        <div class="flex flex-wrap gap-x-4">
            {#each pests as pest (pest.slug)}
                <label class="flex min-h-11 items-center gap-2"
                    ><input
                        type="checkbox"
                        class="checkbox checkbox-primary"
                        checked={draft.against?.includes(pest.slug) ?? false}
                        onchange={() => method.toggle(pest.slug)}
                    />
                    {pest.name}</label
                >
            {/each}
        </div>
    </fieldset>
    <details class="grid gap-3" open={method.isUsedOtherwise}>
        <summary class="btn">{say('recipes/method-form.otherwise')}</summary>
        <fieldset class="mt-3 grid gap-2">
            <legend class="font-bold">{say('recipes/method-form.put-on')}</legend>
            <label class="flex min-h-11 flex-wrap items-center gap-2"
                >{say('recipes/method-form.soak')}
                <input
                    type="number"
                    class="input w-24"
                    min="1"
                    max="240"
                    value={draft.soak === undefined ? (proposed?.soakMinutes ?? null) : draft.soak}
                    oninput={(event) => (method.draft.soak = typed(event))}
                />
                {say('recipes/method-form.minutes')}</label
            >
            <label class="flex min-h-11 items-center gap-2"
                ><input
                    type="checkbox"
                    class="checkbox checkbox-primary"
                    checked={draft.brush ?? proposed?.brush ?? false}
                    onchange={(event) => (method.draft.brush = event.currentTarget.checked)}
                />
                {say('recipes/method-form.brush')}</label
            >
            <label class="flex min-h-11 flex-wrap items-center gap-2"
                >{say('recipes/method-form.second-soak')}
                <input
                    type="number"
                    class="input w-24"
                    min="1"
                    max="240"
                    value={draft.secondSoak === undefined ? (proposed?.secondSoakMinutes ?? null) : draft.secondSoak}
                    oninput={(event) => (method.draft.secondSoak = typed(event))}
                />
                {say('recipes/method-form.minutes')}</label
            >
            <label class="flex min-h-11 flex-wrap items-center gap-2"
                >{say('recipes/method-form.rinse')}
                <select
                    class="select"
                    value={draft.rinse ?? proposed?.rinse ?? 'no'}
                    onchange={(event) => (method.draft.rinse = rinses.find((one) => one.value === event.currentTarget.value)?.value)}
                    >{#each rinses as one (one.value)}<option value={one.value}>{one.label}</option>{/each}</select
                ></label
            >
        </fieldset>
        <fieldset class="mt-3 grid gap-2">
            <legend
                ><span class="font-bold">{say('recipes/method-form.how-often')}</span>
                <span class="quiet">{say('recipes/method-form.between')}</span></legend
            >
            {#each PRESSURES as at (at)}
                {@const rhythm = method.rhythm(at, proposed)}
                <label class="flex min-h-11 flex-wrap items-center gap-2"
                    ><span class="w-32">{when[at]}</span>
                    <input
                        type="number"
                        class="input w-24"
                        min="1"
                        max="365"
                        value={typeof rhythm === 'number' ? rhythm : null}
                        oninput={(event) => method.sayDays(at, typed(event))}
                    />
                    {rhythm === null
                        ? say('recipes/method-form.not-then')
                        : rhythm === 'once'
                          ? say('recipes/method-form.once')
                          : say('recipes/method-form.days')}</label
                >
            {/each}
        </fieldset>
    </details>
</div>
