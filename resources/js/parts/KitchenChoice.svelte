<script lang="ts">
    import type { Kitchen } from '../lib/household.svelte';

    let { value = $bindable(), onchosen }: { value: Kitchen; onchosen?: () => void } = $props();
</script>

<label class="grid gap-1">
    <span class="font-bold">{say('parts/kitchen-choice.spoons-cups-pints-and-gallons')}</span>
    <select
        class="select w-full"
        bind:value={() => value ?? '', (chosen) => (value = chosen === '' ? null : (chosen as Kitchen))}
        onchange={() => onchosen?.()}
    >
        <option value="">{say('parts/kitchen-choice.not-settled-ask-each-time')}</option>
        <option value="us">{say('parts/kitchen-choice.us-tablespoon-14-8-ml')}</option>
        <option value="british">{say('parts/kitchen-choice.british-tablespoon-15-ml-gallon')}</option>
        <option value="australian">{say('parts/kitchen-choice.australian-tablespoon-20-ml-gallon')}</option>
        <option value="metric">{say('parts/kitchen-choice.metric-tablespoon-15-ml-no')}</option>
    </select>
</label>
