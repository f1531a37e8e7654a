<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { atTime } from '../../lib/time';
    import Waiting from '../../parts/Waiting.svelte';

    const { slug, ontake }: { slug: string; ontake: (recipe: Schemas['Recipe']) => void } = $props();
    const page = untrack(
        () => new Loaded(async () => (await taken(api.GET('/api/recipes/{slug}/versions', { params: { path: { slug } } }))).versions),
    );
</script>

<details class="dish" data-versions>
    <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('recipes/versions.versions-of')}</summary>
    <Waiting of={page}>
        {#snippet children(versions)}
            <ol class="divide-base-300 divide-y-2">
                {#each versions as { madeAt, recipe } (recipe.version)}
                    <li class="flex flex-wrap items-center gap-x-3 py-2">
                        <span class="min-w-0 flex-1"
                            ><strong>{say('recipes/versions.version', { version: recipe.version })}</strong>, {atTime(madeAt)}<span
                                class="quiet block text-sm"
                                >{recipe.typed.join('; ')}{#if recipe.strength.length > 0}: {recipe.strength.join(', ')}{/if}</span
                            ></span
                        >
                        <button type="button" class="btn" onclick={() => ontake(recipe)}>{say('recipes/versions.put-back-here')}</button>
                    </li>
                {/each}
            </ol>
            <p class="quiet mt-2 text-sm">{say('recipes/versions.what-put-back-counts-once')}</p>
        {/snippet}
    </Waiting>
</details>
