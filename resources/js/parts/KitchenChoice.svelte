<script lang="ts">
    import type { Kitchen } from '../lib/household.svelte';

    let { value = $bindable(), onchosen }: { value: Kitchen; onchosen?: () => void } = $props();
</script>

<label class="grid gap-1">
    <span class="font-bold">Spoons, cups, pints and gallons here are</span>
    <select
        class="select w-full"
        bind:value={() => value ?? '', (chosen) => (value = chosen === '' ? null : (chosen as Kitchen))}
        onchange={() => onchosen?.()}
    >
        <option value="">not settled: ask each time</option>
        <option value="us">US (tablespoon 14.8 mL, gallon 3.79 L)</option>
        <option value="british">British (tablespoon 15 mL, gallon 4.55 L)</option>
        <option value="australian">Australian (tablespoon 20 mL, gallon 4.55 L)</option>
        <option value="metric">metric (tablespoon 15 mL, no gallons)</option>
    </select>
</label>
