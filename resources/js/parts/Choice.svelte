<script lang="ts" generics="V extends string | number">
    let {
        legend,
        name,
        options,
        value = $bindable(),
    }: { legend: string; name: string; options: { value: V; label: string; note?: string }[]; value: V } = $props();
</script>

<fieldset>
    <legend class="mb-1 font-bold">{legend}</legend>
    <div class="grid gap-1">
        {#each options as option (option.value)}
            <label
                class="has-checked:border-primary has-checked:bg-base-100 flex min-h-12 cursor-pointer items-start gap-3 rounded border-2 border-transparent px-2 py-2"
            >
                <input type="radio" class="radio radio-primary mt-0.5" {name} value={option.value} bind:group={value} />
                <span
                    >{option.label}{#if option.note}<span class="quiet block text-sm">{option.note}</span>{/if}</span
                >
            </label>
        {/each}
    </div>
</fieldset>
