<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { Sending } from '../../lib/sending.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';

    const { recipes, onadded }: { recipes: Schemas['Recipe'][]; onadded: () => void } = $props();
    const sending = new Sending();
    let said = $state('');

    /** Reads one document after the other; those before a faulty one are kept. */
    async function read(files: FileList): Promise<void> {
        await sending.send(async () => {
            for (const file of files) {
                let document: Schemas['RecipeDocument'];
                try {
                    document = JSON.parse(await file.text()) as Schemas['RecipeDocument'];
                } catch {
                    throw new Fault('', `${file.name} is no JSON document; a recipe document is needed.`);
                }
                try {
                    const kept = await taken(api.POST('/api/recipes', { body: document }));
                    said = `Kept: ${kept.name}, version ${kept.version ?? 1}.`;
                } catch (thrown) {
                    const fault = Fault.from(thrown);
                    throw new Fault(fault.path, `${file.name}: ${fault.message}`, fault.status);
                }
            }
        });
        onadded();
    }

    function save(recipe: Schemas['Recipe']): void {
        const link = document.createElement('a');
        link.href = URL.createObjectURL(new Blob([JSON.stringify(recipe.document, null, 2)], { type: 'application/json' }));
        link.download = `${recipe.slug}.json`;
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
                <button class="btn btn-ghost" onclick={() => save(recipe)} aria-label={`Save ${recipe.name} as a file`}>Save</button>
                {#if recipe.use !== 'stock'}<a class="btn btn-ghost" href={`/bench?recipe=${recipe.slug}`} aria-label={`Mix ${recipe.name}`}
                        >Mix</a
                    >{/if}
            </li>
        {/each}
    </ul>
    <label class="grid gap-1">
        <span class="font-bold">Read recipe documents from files</span>
        <input
            type="file"
            accept=".json,application/json"
            multiple
            class="file-input w-full"
            onchange={(event) => event.currentTarget.files && void read(event.currentTarget.files)}
        />
    </label>
    <p role="status">{said}</p>
    <FaultNote fault={sending.fault} />
</section>
