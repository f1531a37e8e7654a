<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Latest } from '../../lib/latest.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';

    /** What the rounds ahead take more of than is there; asked once somebody wants to know. */
    const list = new Latest<{ list: Schemas['ToBuy'][]; text: string; fill: string }>();
    let open = $state(false);
    let said = $state('');
    $effect(() => {
        if (open && list.value === null) {
            void list.ask(() => taken(api.GET('/api/shelf/list')));
        }
    });
    async function copy(): Promise<void> {
        try {
            await navigator.clipboard.writeText(list.value?.text ?? '');
            said = say('shelf/to-buy.copied');
        } catch {
            said = say('shelf/to-buy.not-copied');
        }
    }
</script>

<details bind:open data-to-buy>
    <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('shelf/to-buy.to-take-along')}</summary>
    <FaultNote fault={list.fault} />
    {#if list.value !== null}
        <p class="quiet">{say('shelf/to-buy.next-four-weeks', { fill: list.value.fill })}</p>
        {#if list.value.list.length === 0}<p>{say('shelf/to-buy.nothing')}</p>
        {:else}
            <ul>
                {#each list.value.list as one (one.ingredient)}<li class="border-base-300 flex min-h-11 items-center border-b">
                        <label class="flex min-h-11 flex-1 items-center gap-3"
                            ><input type="checkbox" class="checkbox checkbox-primary" /> {one.line}</label
                        >
                    </li>{/each}
            </ul>
            <div class="no-print mt-3 flex flex-wrap gap-2">
                <button type="button" class="btn" onclick={() => window.print()}>{say('shelf/to-buy.print')}</button>
                <button type="button" class="btn" onclick={() => void copy()}>{say('shelf/to-buy.copy')}</button>
                <span class="self-center" role="status">{said}</span>
            </div>
        {/if}
    {/if}
</details>
