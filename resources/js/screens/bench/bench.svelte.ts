import { api, taken, type Schemas } from '../../lib/client';
import { Fault } from '../../lib/fault';
import { typedNumber } from '../../lib/figures';
import { Kept } from '../../lib/kept';
import { Latest } from '../../lib/latest.svelte';
import { Day } from './day.svelte';
import type { Shelf } from './shelf';
import { Water } from './water.svelte';

type Recipe = Schemas['Recipe'];
type Order = Recipe['document']['order'];

/** The sprayer that was used last on this device is the one at hand. */
const LAST_SPRAYER = new Kept('idle-mixer-sprayer');

type FoldedLine = NonNullable<NonNullable<Schemas['Plan']['emulsion']['remedy']>['line']>;
type Document = Schemas['RecipeDocument'];

/** The recipe with other amounts of what is in it, and with what is not. */
export function folded(document: Document, lines: FoldedLine[], order: Order): Document {
    const changed = document.lines.filter((line) => !lines.some((one) => 'ingredient' in line && line.ingredient === one.ingredient));
    return { ...document, order, lines: [...changed, ...lines] as Document['lines'] };
}

export function recipeIsDrench(recipe: Recipe | undefined): boolean {
    return recipe?.use === 'drench';
}

/** What is set on the bench, and the plan that the server makes of it. */
export class BenchState {
    recipeSlug = $state('');
    plantId = $state(0);
    caseId = $state(0);
    sprayerId = $state(0);
    makeText = $state('1');
    unit = $state<Schemas['Amount']['unit']>('[gal_us]');
    highEnd = $state(false);
    half = $state(false);
    order = $state<Order | null>(null);
    /** Amounts changed on the bench, so that the oil is held. */
    folded = $state<FoldedLine[]>([]);
    /** The jar of a stock that it is poured from; 0 while none is chosen. */
    jarId = $state(0);
    /** How much coarser than usual this household mixes. */
    hand = $state(1);
    agitation = $state<'stir' | 'hand-shake' | 'brisk-shake' | 'whisk' | 'blender'>('hand-shake');
    /** What a drench is poured on; empty leaves it to the recipe. */
    soil = $state<'' | 'planted-soil' | 'empty-bed'>('');
    readonly day = new Day();
    readonly water: Water;
    readonly #plans = new Latest<Schemas['Plan']>();
    readonly #choices = new Latest<Schemas['Choice']>();

    constructor(
        readonly shelf: Shelf,
        from: URLSearchParams,
    ) {
        this.water = new Water(shelf.catalogue);
        const number = (key: string): number => Number(from.get(key) ?? 0) || 0;
        this.caseId = shelf.cases.find((one) => one.id === number('case'))?.id ?? 0;
        this.plantId = shelf.plants.find((one) => one.id === number('plant'))?.id ?? this.case?.plant.id ?? 0;
        this.day.takeFrom(this.plant);
        this.recipeSlug = shelf.recipes.find((one) => one.slug === from.get('recipe'))?.slug ?? this.offered[0]?.slug ?? '';
        this.jarId = this.jars[0]?.id ?? 0;
        this.hand = shelf.hand.coarseness;
        this.highEnd = from.get('dose') === 'high';
        this.half = from.get('dose') === 'half';
        const used = Number(from.get('sprayer') ?? LAST_SPRAYER.read() ?? 0);
        const sprayer = shelf.sprayers.find((one) => one.id === used) ?? shelf.sprayers.at(-1);
        if (sprayer !== undefined) {
            this.pickSprayer(sprayer.id);
        }
    }

    get plan(): Schemas['Plan'] | null {
        return this.#plans.fault === null ? this.#plans.value : null;
    }

    get fault(): Fault | null {
        return this.#plans.fault;
    }

    /** Why this spray is not proposed for the case, when somebody takes it all the same. */
    get against(): string[] {
        return this.#choices.value?.excluded.find((one) => one.slug === this.recipeSlug)?.reasons ?? [];
    }

    get recipe(): Recipe | undefined {
        return this.shelf.recipes.find((one) => one.slug === this.recipeSlug);
    }

    get case(): Schemas['CaseBrief'] | undefined {
        return this.shelf.cases.find((one) => one.id === this.caseId);
    }

    get plant(): Schemas['Plant'] | undefined {
        return this.shelf.plants.find((one) => one.id === this.plantId);
    }

    get sprayer(): Schemas['Sprayer'] | undefined {
        return this.shelf.sprayers.find((one) => one.id === this.sprayerId);
    }

    /** The sprays that fit the case, best first; until the rules have answered, those that practice uses on its pest. */
    get fitting(): Recipe[] {
        const proposed = this.#choices.value?.proposed;
        if (proposed !== undefined && this.case !== undefined) {
            return proposed.flatMap((one) => this.shelf.recipes.filter((recipe) => recipe.slug === one.slug));
        }
        const pest = this.case?.pest;
        return pest === undefined ? [] : this.shelf.recipes.filter((one) => one.for.includes(pest));
    }

    /** The sprays that fit the case first. */
    get offered(): Recipe[] {
        return [...this.fitting, ...this.shelf.recipes.filter((one) => !this.fitting.includes(one))];
    }

    /** The jars of the stocks that are poured into this spray. */
    get jars(): Schemas['Jar'][] {
        return this.shelf.jars.filter((jar) => this.recipe?.stocks.some((stock) => stock.slug === jar.slug) ?? false);
    }

    get unitWords(): string {
        return this.shelf.catalogue.volumeUnits.find((one) => one.code === this.unit)?.words ?? this.unit;
    }

    get unitMl(): number {
        return this.shelf.catalogue.volumeUnits.find((one) => one.code === this.unit)?.mL ?? 1;
    }

    get make(): number {
        return typedNumber(this.makeText);
    }

    /** What the sprayer holds, in the unit that is spoken of. */
    get capacity(): number {
        return this.sprayer === undefined ? Math.max(this.make || 1, 1) : this.sprayer.mL / this.unitMl;
    }

    /** What it lands on. */
    get onto(): string | undefined {
        return recipeIsDrench(this.recipe) ? this.soil || undefined : this.plant?.onBench;
    }

    get orderNow(): Order {
        return this.order ?? this.recipe?.document.order ?? 'all-together';
    }

    pickCase(id: number): void {
        this.caseId = id;
        this.pickPlant(this.case?.plant.id ?? this.plantId);
        this.pickRecipe(this.offered[0]?.slug ?? this.recipeSlug);
    }

    pickRecipe(slug: string): void {
        this.recipeSlug = slug;
        this.folded = [];
        this.jarId = this.jars[0]?.id ?? 0;
        this.order = null;
        this.highEnd = false;
    }

    pickSprayer(id: number): void {
        this.sprayerId = id;
        const sprayer = this.sprayer;
        if (sprayer !== undefined) {
            this.unit = sprayer.fill.unit;
            this.makeText = String(sprayer.fill.amount);
            LAST_SPRAYER.keep(id);
        }
    }

    /** What was typed wrong on this side, before anything is asked. */
    get typedFault(): string {
        if (Number.isNaN(this.make)) {
            return 'Write how much to make as a number, like 1.5.';
        }
        return this.day.typedFault || this.water.typedFault;
    }

    get request(): Schemas['PlanRequest'] | null {
        const recipe = this.recipe;
        if (recipe === undefined || this.typedFault !== '') {
            return null;
        }
        const own = (this.order !== null && this.order !== recipe.document.order) || this.folded.length > 0;
        return {
            recipe: own ? folded(recipe.document, this.folded, this.orderNow) : recipe.shipped ? (recipe.slug as never) : recipe.document,
            make: { amount: this.make, unit: this.unit },
            ...(this.sprayer === undefined ? {} : { sprayer: this.sprayer.fill }),
            highEnd: this.highEnd,
            factor: this.half ? 0.5 : 1,
            ...(this.water.asked === undefined ? {} : { water: this.water.asked }),
            ...(this.onto === undefined ? {} : { plant: this.onto as Schemas['PlanRequest']['plant'] }),
            circumstances: this.day.circumstances,
        };
    }

    /** All that the plan hangs on. */
    get bench(): Schemas['Bench'] | null {
        const request = this.request;
        const pickedInDays = this.day.pickedIn;
        return request === null
            ? null
            : {
                  request,
                  ...(this.shelf.kit.length === 0
                      ? {}
                      : { measures: this.shelf.kit.map(({ amount, unit, name }) => ({ amount, unit, ...(name === '' ? {} : { name }) })) }),
                  ...(this.shelf.scaleGrams === null ? {} : { scale: this.shelf.scaleGrams }),
                  hand: this.hand,
                  agitation: this.agitation,
                  ...(this.jarId === 0 ? {} : { stockReady: true }),
                  ...(pickedInDays === undefined ? {} : { pickedInDays }),
              };
    }

    pickPlant(id: number): void {
        this.plantId = id;
        this.day.takeFrom(this.plant);
    }

    /** Asks for the plan. */
    replan(bench: Schemas['Bench'] | null): void {
        if (bench === null) {
            this.#plans.drop(this.typedFault === '' ? null : new Fault('', this.typedFault));
            return;
        }
        void this.#plans.ask(() => taken(api.POST('/api/bench', { body: bench })));
    }

    /** Asks what the rules say of each spray for the case that is set. */
    async weigh(caseId: number): Promise<void> {
        if (caseId === 0) {
            this.#choices.drop(null);
            return;
        }
        await this.#choices.ask(async () => {
            const { situation } = await taken(api.GET('/api/cases/{id}', { params: { path: { id: caseId } } }));
            return taken(api.POST('/api/cases/{id}/choice', { params: { path: { id: caseId } }, body: situation }));
        });
    }
}
