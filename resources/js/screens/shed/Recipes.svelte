<script lang="ts">
    import Ellipsis from '@lucide/svelte/icons/ellipsis';
    import type { Schemas } from '../../lib/client';
    import { wordsIn } from '../../lib/found';
    import ReadFiles from '../../parts/ReadFiles.svelte';
    import { bundle, keepRecipe } from './files';

    const { recipes, onadded }: { recipes: Schemas['Recipe'][]; onadded: () => void } = $props();
    const own = $derived(recipes.filter((recipe) => !recipe.shipped));

    /** As many as are shown at first: one's own lead. */
    const FEW = 3;
    let many = $state(false);
    let sought = $state('');
    let open = $state('');
    const found = $derived(
        [...own, ...recipes.filter((recipe) => recipe.shipped)].filter((recipe) =>
            wordsIn(sought, [recipe.name, recipe.useWords, ...recipe.strength, ...recipe.forWords]),
        ),
    );

    const shown = $derived(
        sought !== ''
            ? found
            : many
              ? found.toSorted((a, b) => Number(a.shipped) - Number(b.shipped) || a.family.localeCompare(b.family))
              : found.slice(0, FEW),
    );

    /** Under what it stands once all are shown: one's own first, then by what they work by. */
    const headOf = (recipe: Schemas['Recipe'] | undefined): string =>
        recipe === undefined ? '' : recipe.shipped ? recipe.family : say('shed/recipes.your-own');

    function save(some: Schemas['Recipe'][]): void {
        const { name, blob } = bundle(some);
        const link = document.createElement('a');
        link.href = URL.createObjectURL(blob);
        link.download = name;
        link.click();
        URL.revokeObjectURL(link.href);
    }
</script>

<section class="dish grid gap-3" aria-label={say('shed/recipes.recipes')}>
    <div class="flex flex-wrap items-center gap-2">
        <h2 class="mr-auto">{say('shed/recipes.recipes')}</h2>
        <a class="btn btn-primary" href="/recipes/write">{say('shed/recipes.write-one')}</a>
        <a class="btn" href="/recipes/compare">{say('shed/recipes.compare-two')}</a>
    </div>
    <label class="grid gap-1"
        ><span class="font-bold">{say('shed/recipes.find')}</span><input
            class="input w-full"
            type="search"
            autocomplete="off"
            bind:value={sought}
        /></label
    >
    <ul class="divide-base-300 divide-y-2">
        {#each shown as recipe, i (recipe.slug)}
            {#if many && sought === '' && headOf(recipe) !== headOf(shown[i - 1])}<li class="pt-3 pb-1">
                    <h3 class="font-bold" data-family>{headOf(recipe)}</h3>
                </li>{/if}
            <li class="flex flex-wrap items-center gap-x-3 py-1">
                <span class="min-w-48 flex-1"
                    ><strong>{recipe.name}</strong><span class="quiet block text-sm"
                        >{recipe.useWords}{#if recipe.strength.length > 0}; {recipe.strength.join(', ')}{/if}{#if !recipe.shipped}{say(
                                'shed/recipes.your-own-version',
                                { version: recipe.version },
                            )}{/if}</span
                    ></span
                >
                {#if recipe.use !== 'stock'}<a
                        class="btn btn-ghost"
                        href={`/bench?recipe=${recipe.slug}`}
                        aria-label={say('shed/recipes.mix', { name: recipe.name })}>{say('shed/recipes.mix-2')}</a
                    >{/if}
                <button
                    class="btn btn-ghost btn-square"
                    aria-expanded={open === recipe.slug}
                    aria-label={say('shed/recipes.more', { name: recipe.name })}
                    onclick={() => (open = open === recipe.slug ? '' : recipe.slug)}><Ellipsis size={22} aria-hidden="true" /></button
                >
                {#if open === recipe.slug}<span class="flex w-full flex-wrap gap-2">
                        <a
                            class="btn btn-ghost"
                            href={`/recipes/write?${recipe.shipped ? 'from' : 'edit'}=${recipe.slug}`}
                            aria-label={`${recipe.shipped ? say('shed/recipes.copy-and-change') : say('shed/recipes.change')} ${recipe.name}`}
                            >{recipe.shipped ? say('shed/recipes.copy') : say('shed/recipes.change')}</a
                        >
                        <button
                            class="btn btn-ghost"
                            onclick={() => save([recipe])}
                            aria-label={say('shed/recipes.save-as-file', { name: recipe.name })}>{say('shed/recipes.save')}</button
                        >
                    </span>{/if}
            </li>
        {/each}
    </ul>
    {#if found.length === 0}<p>{say('shed/recipes.none-found')}</p>{/if}
    {#if !many && sought === '' && found.length > FEW}<button class="btn" onclick={() => (many = true)}
            >{say('shed/recipes.all', { many: found.length })}</button
        >{/if}
    <details>
        <summary class="link min-h-11 cursor-pointer py-2">{say('shed/recipes.files')}</summary>
        <div class="grid gap-3">
            <ReadFiles
                label={say('shed/recipes.read-recipe-documents-from-files')}
                what={say('shed/recipes.a-recipe-document')}
                keep={keepRecipe}
                onread={onadded}
            />
            <div class="flex flex-wrap gap-2">
                {#if own.length > 0}<button class="btn" onclick={() => save(own)}>{say('shed/recipes.save-all-your-own')}</button>{/if}
                <button class="btn" onclick={() => save(recipes)}>{say('shed/recipes.save-them-all-as-zip')}</button>
            </div>
        </div>
    </details>
</section>
