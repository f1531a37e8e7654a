<script lang="ts">
    import AmountField from '../../parts/AmountField.svelte';
    import type { SlipState } from './slip.svelte';

    const { state }: { state: SlipState } = $props();
    const VOLUMES = [
        { code: 'L', words: 'L' },
        { code: 'mL', words: 'mL' },
        { code: '[gal_us]', words: say('batch/slip-numbers.us-gal') },
        { code: '[qt_us]', words: say('batch/slip-numbers.us-qt') },
        { code: '[cup_us]', words: 'cups' },
        { code: '[gal_br]', words: say('batch/slip-numbers.imp-gal') },
        { code: '[pt_br]', words: say('batch/slip-numbers.imp-pt') },
    ] as const;
    /** What hands that lost count say most. */
    const COUNTS = [
        say('batch/slip-numbers.one-too-many'),
        say('batch/slip-numbers.about-two-too-many'),
        say('batch/slip-numbers.one-too-few'),
        say('batch/slip-numbers.half-of'),
        say('batch/slip-numbers.do-not-know'),
    ];
</script>

{#if state.kind !== 'left-out' && state.kind !== 'water' && state.scoops.length > 1}
    <label class="grid gap-1"
        ><span class="font-bold">{say('batch/slip-numbers.which-measure')}</span><select class="select w-full" bind:value={state.scoop}
            >{#each state.scoops as scoop, i (i)}<option value={i}
                    >{say('batch/slip-numbers.planned', { count: scoop.count, words: scoop.words })}</option
                >{/each}</select
        ></label
    >
{/if}
{#if state.kind === 'count' || state.kind === 'ran-out'}
    <label class="grid gap-1"
        ><span class="font-bold"
            >{say('batch/slip-numbers.how-many-times-went-in', {
                words: state.scoops[state.scoopAt]?.words,
                kind: state.kind === 'ran-out' ? say('batch/slip-numbers.before-was-gone') : '',
            })}</span
        ><input
            class="input numeral w-full text-lg"
            maxlength="60"
            placeholder={say('batch/slip-numbers.4-2-about-5-two')}
            value={state.said}
            onchange={(event) => (state.said = event.currentTarget.value)}
        /></label
    >
    <div class="flex flex-wrap gap-2">
        {#each COUNTS as one (one)}<button type="button" class="btn" onclick={() => (state.said = one)}>{one}</button>{/each}
    </div>
{:else if state.kind === 'measure'}
    <label class="grid gap-1"
        ><span class="font-bold">{say('batch/slip-numbers.used-instead-times', { count: state.scoops[state.scoopAt]?.count })}</span><select
            class="select w-full"
            bind:value={state.measure}
            >{#each state.spoons as spoon, i (i)}<option value={i}>{spoon.words}</option>{/each}</select
        ></label
    >
{:else if state.kind === 'water'}
    <AmountField
        label={say('batch/slip-numbers.water-that-really-in')}
        units={VOLUMES}
        bind:amount={state.water}
        bind:unit={state.waterUnit}
    />
{/if}
