<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Latest } from '../../lib/latest.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';

    /** What sprays cost; asked once somebody wants to know. */
    const costs = new Latest<Schemas['ShelfCosts']>();
    let open = $state(false);
    $effect(() => {
        if (open && costs.value === null) {
            void costs.ask(() => taken(api.GET('/api/shelf/costs')));
        }
    });
</script>

<details bind:open class="no-print" data-shelf-costs>
    <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('shelf/costs.what-it-costs')}</summary>
    <FaultNote fault={costs.fault} />
    {#if costs.value !== null}
        {#if !costs.value.known}<p>{say('shelf/costs.nobody-said')}</p>
        {:else}
            {#if costs.value.season}<p class="mb-2">{costs.value.season}</p>{/if}
            {#if costs.value.ahead}<p>{costs.value.ahead}</p>{/if}
            {#if costs.value.each.length > 0}<ul class="my-2">
                    {#each costs.value.each as one (one.to)}<li class="border-base-300 border-b py-1">
                            <a class="link inline-flex min-h-11 items-center font-bold" href={one.to}>{one.name}</a>
                            <p>{one.costs}</p>
                        </li>{/each}
                </ul>{/if}
            {#each costs.value.alike as line (line)}<p>{line}</p>{/each}
            <p class="quiet text-sm">{say('shelf/costs.reckoned-by')}</p>
        {/if}
    {/if}
</details>
