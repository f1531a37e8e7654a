import { strToU8, zipSync } from 'fflate';
import { api, taken, type Schemas } from '../../lib/client';

type RecipeDocument = Schemas['RecipeDocument'];

const written = (document: RecipeDocument): string => JSON.stringify(document, null, 2);

/** One recipe as its document, several as a zip of documents. */
export function bundle(recipes: Schemas['Recipe'][]): { name: string; blob: Blob } {
    const [only] = recipes;
    if (recipes.length === 1 && only !== undefined) {
        return { name: `${only.slug}.json`, blob: new Blob([written(only.document)], { type: 'application/json' }) };
    }
    const files = Object.fromEntries(recipes.map((recipe) => [`${recipe.slug}.json`, strToU8(written(recipe.document))]));
    return { name: 'recipes.zip', blob: new Blob([zipSync(files) as BlobPart], { type: 'application/zip' }) };
}

/** Keeps a recipe document that was read from a file. */
export async function keepRecipe(document: unknown, basedOn = 0): Promise<string> {
    const kept = await taken(api.POST('/api/recipes', { params: { query: { basedOn } }, body: document as RecipeDocument }));
    return kept.shipped
        ? say('shed/files.was-here-already', { name: kept.name })
        : say('shed/files.kept-as-version', { name: kept.name, version: kept.version ?? 1 });
}
