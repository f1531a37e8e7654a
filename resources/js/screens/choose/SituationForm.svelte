<script lang="ts">
    import Choice from '../../parts/Choice.svelte';
    import type { Choosing } from './choosing.svelte';
    import SeenOnIt from '../../parts/SeenOnIt.svelte';

    interface Props {
        choosing: Choosing;
        /** Whether its bottles are a page away; what is asked beside it needs no other way. */
        shelved: boolean;
        stages: string[];
        /** What it does to a plant, in a sentence. */
        matters: string;
    }
    const { choosing, shelved, stages, matters }: Props = $props();
    const flags = [
        { key: 'inBloom', words: say('choose/situation-form.in-open-flower') },
        { key: 'dryAtRoot', words: say('choose/situation-form.dry-at-root') },
        { key: 'seedling', words: say('choose/situation-form.seedling') },
        { key: 'wounded', words: say('choose/situation-form.grazed-or-wounded-leaves') },
        { key: 'eatenSoon', words: say('choose/situation-form.eaten-within-two-weeks') },
        { key: 'bearsNoOil', words: say('choose/situation-form.of-kind-that-bears-no') },
        { key: 'soapSensitive', words: say('choose/situation-form.of-kind-that-soap-marks') },
        { key: 'sulfurLately', words: say('choose/situation-form.sulfur-on-within-last-four') },
        { key: 'copperLately', words: say('choose/situation-form.copper-on-within-last-two') },
        { key: 'oilLately', words: say('choose/situation-form.oil-on-within-last-week') },
        { key: 'indoors', words: say('choose/situation-form.stands-indoors') },
        { key: 'cats', words: say('choose/situation-form.cat-comes-near') },
    ] as const;
    const severities = [
        { value: 'light', label: say('choose/situation-form.light'), note: say('choose/situation-form.few') },
        { value: 'moderate', label: say('choose/situation-form.moderate'), note: say('choose/situation-form.easily-found') },
        { value: 'heavy', label: say('choose/situation-form.heavy'), note: say('choose/situation-form.everywhere') },
    ] as const;

    $effect(() => choosing.ask(choosing.situation));
</script>

<section class="dish grid gap-3" aria-label={say('choose/situation-form.how-stands')}>
    <h2>{say('choose/situation-form.how-stands')}</h2>
    <p class="quiet">{matters}</p>
    <Choice
        legend={say('choose/situation-form.how-bad')}
        name="severity"
        options={[...severities]}
        bind:value={choosing.situation.severity}
    />
    {#if stages.length > 1}
        <Choice
            legend={say('choose/situation-form.which-stage')}
            name="stage"
            options={stages.map((stage) => ({ value: stage, label: stage }))}
            bind:value={choosing.situation.stage}
        />
    {/if}
    {#if choosing.choice.value !== null}<SeenOnIt
            enemies={choosing.choice.value.enemies.filter((one) => one.eats)}
            bind:seen={choosing.situation.seen}
        />{/if}
    <details>
        <summary class="min-h-11 cursor-pointer py-2"
            ><span class="font-bold">{say('choose/situation-form.plant-and-its-place')}</span>
            {flags
                .filter((flag) => choosing.situation[flag.key])
                .map((flag) => flag.words.toLowerCase())
                .join(', ') || say('choose/situation-form.nothing-special')}</summary
        >
        {#each flags as flag (flag.key)}
            <label class="flex min-h-11 items-center gap-3"
                ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={choosing.situation[flag.key]} /> {flag.words}</label
            >
        {/each}
    </details>
    {#if shelved}<a class="link inline-flex min-h-11 items-center" href={`/shelf?case=${choosing.of.id}`}
            >{say('choose/situation-form.what-is-in-house')}</a
        >{/if}
</section>
