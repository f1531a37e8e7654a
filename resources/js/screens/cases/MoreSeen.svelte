<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import SeenOnIt from '../../parts/SeenOnIt.svelte';

    interface Props {
        look: Schemas['Case']['look'];
        stages: string[];
        newClean: string;
        helpers: string;
        friends: Record<string, number | null>;
    }
    let { look, stages = $bindable(), newClean = $bindable(), helpers = $bindable(), friends = $bindable() }: Props = $props();
</script>

{#if look.stages.length > 0}
    <div class="flex flex-wrap gap-3">
        {#each look.stages as stage, i (stage.key)}<label class="grid gap-1"
                ><span>{say('cases/count-form.of-these', { name: stage.name })}</span><input
                    class="input numeral w-24"
                    inputmode="decimal"
                    bind:value={stages[i]}
                /></label
            >{/each}
    </div>
{/if}
<div class="flex flex-wrap gap-3">
    <label class="grid gap-1"
        ><span>{say('cases/count-form.new-growth')}</span><select class="select" bind:value={newClean}
            ><option value="">{say('cases/count-form.not-looked-at')}</option><option value="yes">{say('cases/count-form.clean')}</option
            ><option value="no">{say('cases/count-form.hit')}</option></select
        ></label
    >
    <label class="grid gap-1"
        ><span>{say('cases/count-form.helpful-insects')}</span><select class="select" bind:value={helpers}
            ><option value="">{say('cases/count-form.not-looked-for')}</option><option value="yes">{say('cases/count-form.seen')}</option
            ><option value="no">{say('cases/count-form.none')}</option></select
        ></label
    >
</div>
{#if helpers === 'yes'}<SeenOnIt enemies={look.enemies} bind:seen={friends} />{/if}
