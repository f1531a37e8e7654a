<script lang="ts">
    import { untrack } from 'svelte';
    import type { Household } from '../../lib/household.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import { short } from '../../lib/figures';
    import FormFoot from '../../parts/FormFoot.svelte';
    import { writes } from '../../lib/writes';
    import KitchenChoice from '../../parts/KitchenChoice.svelte';
    import WritesFields from './WritesFields.svelte';

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
        // Every sentence on this page was written the other way.
        if (kept !== null && household.said && !writes.is(household.writes)) {
            location.reload();
        }
    }
</script>

<details class="dish">
    <summary class="min-h-12 cursor-pointer py-2"><h2 class="inline">{say('shed/household-form.what-words-mean-here')}</h2></summary>
    <form class="grid gap-3 py-2" aria-label={say('shed/household-form.our-measures')} onsubmit={save}>
        <KitchenChoice bind:value={household.kitchen} />
        <WritesFields {household} />
        <details>
            <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('shed/household-form.amounts-by-eye-measured-once')}</summary>
            <p class="quiet mb-2">
                {say('shed/household-form.squirt-into-measuring-spoon-as')}
            </p>
            <div class="grid gap-2 sm:grid-cols-2">
                {#each household.rows as row (row.code)}
                    <label class="grid gap-1"
                        ><span
                            >{say('shed/household-form.ml', { words: row.words })}
                            <span class="quiet"
                                >{say('shed/household-form.else-to-ml', { lowMl: short(row.lowMl), highMl: short(row.highMl) })}</span
                            ></span
                        ><input class="input numeral w-full" inputmode="decimal" bind:value={household.typed[row.code]} /></label
                    >
                {/each}
            </div>
        </details>
        <FormFoot form={sending} typed={household.draft} send={() => void save()} />
        <button class="btn" disabled={sending.held}>{say('shed/household-form.keep')}</button>
        <p role="status">{said}</p>
    </form>
</details>
