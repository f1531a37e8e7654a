<script lang="ts">
    import { untrack } from 'svelte';
    import type { Household } from '../../lib/household.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import { short } from '../../lib/figures';
    import FormFoot from '../../parts/FormFoot.svelte';
    import KitchenChoice from '../../parts/KitchenChoice.svelte';

    const { household }: { household: Household } = $props();
    const sending = new Sending();
    let said = $state('');
    untrack(() => household.draft.takeUp());
    $effect(() => household.draft.keep());

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        said = '';
        const kept = await sending.send(async (_, basedOn) => {
            await household.save(basedOn);
            return true;
        });
        said = kept === null ? '' : 'Kept.';
    }
</script>

<section class="dish grid gap-3" aria-label="Our measures">
    <h2>What words mean here</h2>
    <form class="grid gap-3" onsubmit={save}>
        <KitchenChoice bind:value={household.kitchen} />
        <details>
            <summary class="min-h-11 cursor-pointer py-2 font-bold">Amounts by eye, measured once</summary>
            <p class="quiet mb-2">
                Squirt into a measuring spoon as you always do, five times over, and write the mean. What stays empty is reckoned as a
                range.
            </p>
            <div class="grid gap-2 sm:grid-cols-2">
                {#each household.rows as row (row.code)}
                    <label class="grid gap-1"
                        ><span>{row.words}, mL <span class="quiet">(else {short(row.lowMl)} to {short(row.highMl)} mL)</span></span><input
                            class="input numeral w-full"
                            inputmode="decimal"
                            bind:value={household.typed[row.code]}
                        /></label
                    >
                {/each}
            </div>
        </details>
        <FormFoot form={sending} typed={household.draft} send={() => void save()} />
        <button class="btn" disabled={sending.held}>Keep</button>
        <p role="status">{said}</p>
    </form>
</section>
