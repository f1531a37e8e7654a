<script lang="ts">
    import type { Schemas } from '../../lib/client';

    const { beside }: { beside: Schemas['Choice']['beside'] } = $props();
</script>

{#if beside.length > 0}
    <section class="dish grid gap-2" aria-label={say('choose/beside.helps-beside')}>
        <h2>{say('choose/beside.helps-beside')}</h2>
        <ul class="grid list-disc gap-1 pl-5">
            {#each beside as help (help.slug)}<li data-beside={help.slug}>{help.words}</li>{/each}
        </ul>
    </section>
{/if}
