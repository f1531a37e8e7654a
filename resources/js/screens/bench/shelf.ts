import { openCases } from '../../lib/cases';
import { api, taken, type Schemas } from '../../lib/client';

export interface Shelf {
    catalogue: Schemas['Catalogue'];
    recipes: Schemas['Recipe'][];
    plants: Schemas['Plant'][];
    sprayers: Schemas['Sprayer'][];
    /** What there is to measure with: every spoon, and marks that can be filled to. */
    kit: Schemas['Kit'];
    /** One step of the kitchen scale in g; null where there is none. */
    scaleGrams: number | null;
    cases: Schemas['CaseBrief'][];
    /** What this household found of sprays against pests. */
    own: Schemas['Own']['own'];
    hand: { coarseness: number; readings: number };
    /** Stocks that stand ready. */
    jars: Schemas['Jar'][];
    /** What it opens on. */
    opening: Schemas['Opening'];
    /** The recipe that is asked for, as this house can make it. */
    stocked?: Schemas['RecipeDocument'];
}

const inUse = <T extends { retired: boolean }>(all: T[]): T[] => all.filter((one) => !one.retired);

/** The sprayers and spoons of the house. */
export async function fetchVessels(): Promise<Pick<Shelf, 'sprayers' | 'kit' | 'scaleGrams'>> {
    const [sprayers, measures] = await Promise.all([taken(api.GET('/api/sprayers')), taken(api.GET('/api/measures'))]);
    return { sprayers: inUse(sprayers.sprayers), kit: measures.kit, scaleGrams: measures.scaleGrams };
}

/** Everything the bench is laid out from; the address says whether a batch is mixed again, or a case is sprayed. */
export async function fetchShelf(from: URLSearchParams): Promise<Shelf> {
    const query = Object.fromEntries(
        ['again', 'case', 'plant', 'times', 'cup'].map((key) => [key, Number(from.get(key))] as const).filter(([, value]) => value > 0),
    );
    const slug = from.has('shelf') ? from.get('recipe') : null;
    const [opening, jars, hand, catalogue, recipes, plants, sprayers, measures, cases, own, stocked] = await Promise.all([
        taken(api.GET('/api/opening', { params: { query } })),
        taken(api.GET('/api/jars')),
        taken(api.GET('/api/hand')),
        taken(api.GET('/api/catalogue')),
        taken(api.GET('/api/recipes')),
        taken(api.GET('/api/plants')),
        taken(api.GET('/api/sprayers')),
        taken(api.GET('/api/measures')),
        openCases(),
        taken(api.GET('/api/own')),
        slug === null ? null : taken(api.GET('/api/shelf/recipes/{slug}', { params: { path: { slug } } })),
    ]);
    return {
        opening,
        jars: jars.jars,
        hand,
        catalogue,
        recipes: recipes.recipes,
        plants: inUse(plants.plants),
        sprayers: inUse(sprayers.sprayers),
        kit: measures.kit,
        scaleGrams: measures.scaleGrams,
        cases,
        own: own.own,
        ...(stocked !== null && { stocked: stocked.document }),
    };
}
