<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import LevelMark from '../../parts/LevelMark.svelte';
    import { bundle, readAll, type Read } from './files';

    const { recipes, onadded }: { recipes: Schemas['Recipe'][]; onadded: () => void } = $props();
    let read = $state.raw<Read[]>([]);
    const own = $derived(recipes.filter((recipe) => !recipe.shipped));

    async function take(input: HTMLInputElement): Promise<void> {
        read = await readAll(input.files ?? []);
        // The same file may be read again once it is mended.
        input.value = '';
        onadded();
    }

    function save(some: Schemas['Recipe'][]): void {
        const { name, blob } = bundle(some);
        const link = document.createElement('a');
        link.href = URL.createObjectURL(blob);
        link.download = name;
        link.click();
        URL.revokeObjectURL(link.href);
    }
</script>

<section class="dish grid gap-3" aria-label="Recipes">
    <div class="flex flex-wrap items-center gap-2">
        <h2 class="mr-auto">Recipes</h2>
        <a class="btn btn-primary" href="/recipes/write">Write one</a>
        <a class="btn" href="/recipes/compare">Compare two</a>
    </div>
    <ul class="divide-base-300 divide-y-2">
        {#each recipes as recipe (recipe.slug)}
            <li class="flex flex-wrap items-center gap-x-3 py-1">
                <span class="min-w-0 flex-1"
                    ><strong>{recipe.name}</strong><span class="quiet block text-sm"
                        >{recipe.useWords}{#if recipe.strength.length > 0}; {recipe.strength.join(', ')}{/if}{#if !recipe.shipped}; your
                            own, version {recipe.version}{/if}</span
                    ></span
                >
                <a
                    class="btn btn-ghost"
                    href={`/recipes/write?${recipe.shipped ? 'from' : 'edit'}=${recipe.slug}`}
                    aria-label={`${recipe.shipped ? 'Copy and change' : 'Change'} ${recipe.name}`}>{recipe.shipped ? 'Copy' : 'Change'}</a
                >
                <button class="btn btn-ghost" onclick={() => save([recipe])} aria-label={`Save ${recipe.name} as a file`}>Save</button>
                {#if recipe.use !== 'stock'}<a class="btn btn-ghost" href={`/bench?recipe=${recipe.slug}`} aria-label={`Mix ${recipe.name}`}
                        >Mix</a
                    >{/if}
            </li>
        {/each}
    </ul>
    <label class="grid gap-1">
        <span class="font-bold">Read recipe documents from files <span class="font-normal">(several, or a zip of them)</span></span>
        <input
            type="file"
            accept=".json,application/json,.zip,application/zip"
            multiple
            class="file-input w-full"
            onchange={(event) => void take(event.currentTarget)}
        />
    </label>
    <div role="status" data-read>
        <ul class="grid gap-2">
            {#each read as one, i (i)}
                <li class={['border-l-8 pl-3', one.fault === '' ? 'border-success' : 'border-error']}>
                    <LevelMark level={one.fault === '' ? 'ok' : 'stop'} />
                    <strong>{one.file}</strong>: {one.fault === '' ? `${one.kept}.` : one.fault}
                </li>
            {/each}
        </ul>
    </div>
    <div class="flex flex-wrap gap-2">
        {#if own.length > 0}<button class="btn" onclick={() => save(own)}>Save all your own</button>{/if}
        <button class="btn" onclick={() => save(recipes)}>Save them all as a zip</button>
    </div>
</section>
