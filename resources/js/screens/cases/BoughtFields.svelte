<script lang="ts">
    import type { BoughtValues } from './bought';

    /** What was bought or set out: its name and what it holds. Its label knows the dose. */
    let { values = $bindable(), known }: { values: BoughtValues; known: readonly string[] } = $props();
    const KINDS = [
        ['spray', say('cases/bought.spray')],
        ['dust', say('cases/bought.dust')],
        ['insects', say('cases/bought.insects')],
    ] as const;
    const HOLDS = [
        ['', say('cases/bought.none-of-these')],
        ['oil', say('cases/bought.oil')],
        ['sulfur', say('cases/bought.sulfur')],
        ['copper', say('cases/bought.copper')],
    ] as const;
    const id = $props.id();
</script>

<label class="grid gap-1">
    <span class="font-bold">{say('cases/bought.what')}</span>
    <select name="boughtKind" class="select w-full" bind:value={values.boughtKind}>
        {#each KINDS as [value, words] (value)}<option {value}>{words}</option>{/each}
    </select>
</label>
<label class="grid gap-1">
    <span class="font-bold">{say('cases/bought.name')}</span>
    <input
        name="boughtName"
        class="input w-full"
        required
        maxlength="80"
        list={`${id}-known`}
        autocomplete="off"
        bind:value={values.boughtName}
    />
    <datalist id={`${id}-known`}
        >{#each known as name (name)}<option value={name}></option>{/each}</datalist
    >
</label>
{#if values.boughtKind !== 'insects'}
    <label class="grid gap-1">
        <span class="font-bold">{say('cases/bought.holds')}</span>
        <select name="boughtHolds" class="select w-full" bind:value={values.boughtHolds}>
            {#each HOLDS as [value, words] (value)}<option {value}>{words}</option>{/each}
        </select>
        <span class="quiet text-sm">{say('cases/bought.why-holds')}</span>
    </label>
{/if}
<p class="quiet text-sm" data-bought-advice>
    {values.boughtKind === 'insects' ? say('cases/bought.keep-them') : say('cases/bought.as-label-says')}
</p>
