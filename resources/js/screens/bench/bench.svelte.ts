import { api, taken, type Schemas } from '../../lib/client';
import { Fault } from '../../lib/fault';
import { Latest } from '../../lib/latest.svelte';
import { addressOf, HALF } from './address';
import { benchOf, requestOf } from './asking';
import { Day } from './day.svelte';
import { Filling } from './filling.svelte';
import { sameBench } from './same';
import { fetchVessels, type Shelf } from './shelf';
import { Water } from './water.svelte';
import { Weighed } from './weighed.svelte';

type Recipe = Schemas['Recipe'];
type Order = Recipe['document']['order'];

type Document = Schemas['RecipeDocument'];
type Mending = Schemas['Mending'];

export function recipeIsDrench(recipe: Recipe | undefined): boolean {
    return recipe?.use === 'drench';
}

/** What is set on the bench, and the plan that the server makes of it. */
export class BenchState {
    shelf = $state.raw<Shelf>() as Shelf;
    recipeSlug = $state('');
    /** The recipe with what was changed on the bench, or as it was mixed before; null where it is the one of the shelf. */
    own = $state.raw<Document | null>(null);
    plantId = $state(0);
    caseId = $state(0);
    /** The course of many plants that it is mixed for; 0 where it is for one. */
    courseId = 0;
    highEnd = $state(false);
    /** Of everything but the water; 1 is full strength. */
    factor = $state(1);
    order = $state<Order | null>(null);
    /** The jar of a stock that it is poured from; 0 while none is chosen. */
    jarId = $state(0);
    /** How much coarser than usual this household mixes. */
    hand = $state(1);
    agitation = $state<'stir' | 'hand-shake' | 'brisk-shake' | 'whisk' | 'blender'>('hand-shake');
    /** What a drench is poured on; empty leaves it to the recipe. */
    soil = $state<'' | 'planted-soil' | 'empty-bed'>('');
    readonly filling = new Filling(() => this.shelf);
    readonly day = new Day();
    readonly water: Water;
    readonly #plans = new Latest<Schemas['BenchPlan']>();
    readonly weighed = new Weighed();

    constructor(shelf: Shelf, from: URLSearchParams) {
        this.shelf = shelf;
        this.water = new Water(shelf.catalogue);
        this.hand = shelf.hand.coarseness;
        const opening = shelf.opening;
        const number = (key: string): number => Number(from.get(key) ?? 0) || 0;
        const asked = shelf.recipes.find((one) => one.slug === from.get('recipe'));
        const offered = asked === undefined ? opening : null;
        this.caseId = shelf.cases.find((one) => one.id === (number('case') || offered?.caseId))?.id ?? 0;
        this.plantId = shelf.plants.find((one) => one.id === (number('plant') || (this.case?.plant.id ?? offered?.plantId)))?.id ?? 0;
        this.courseId = number('course');
        this.day.takeFrom(this.plant);
        this.recipeSlug = (asked?.slug ?? opening.recipe) || (shelf.recipes[0]?.slug ?? '');
        this.own = shelf.stocked ?? offered?.recipeDocument ?? null;
        this.jarId = this.jars[0]?.id ?? 0;
        this.highEnd = offered?.highEnd ?? from.get('dose') === 'high';
        this.factor = offered?.factor ?? (number('times') || (from.get('dose') === 'half' ? HALF : 1));
        this.agitation = offered?.agitation ?? this.agitation;
        this.water.takeUp(opening.hardnessMgL, opening.celsius);
        this.filling.open(from, opening, this.recipe?.usualFill ?? this.#asWritten, offered !== null);
    }

    /** Whether it is laid out as the house can make it. */
    get isStocked(): boolean {
        return this.own !== null && this.own === this.shelf.stocked;
    }

    /** Where nobody said which sprayer, a recipe of one’s own is made as it was written. */
    get #asWritten(): Schemas['Amount'] | null {
        const own = this.recipe?.shipped === false && this.shelf.sprayers.length === 0 ? this.recipe.document.basis : undefined;
        return own === undefined ? null : { amount: own.amount, unit: own.unit };
    }

    get plan(): Schemas['Plan'] | null {
        return this.#plans.fault === null ? (this.#plans.value?.plan ?? null) : null;
    }

    /** The one change after which less is wrong; null where there is none. */
    get mending(): Mending | null {
        return this.#plans.fault === null ? (this.#plans.value?.mending ?? null) : null;
    }

    /** What would make measuring easier here. */
    get easier(): Schemas['BenchPlan']['easier'] | null {
        return this.#plans.fault === null ? (this.#plans.value?.easier ?? null) : null;
    }

    /** Makes so much that every line is whole spoons. */
    makeRound(): void {
        const make = this.easier?.make ?? null;
        if (make !== null) {
            this.filling.fillTo(make.amount, make.unit);
        }
    }

    get fault(): Fault | null {
        return this.#plans.fault;
    }

    /** Why this spray is not proposed for the case, when somebody takes it all the same. */
    get against(): string[] {
        return this.weighed.against(this.recipeSlug);
    }

    get recipe(): Recipe | undefined {
        return this.shelf.recipes.find((one) => one.slug === this.recipeSlug);
    }

    /** What speaks against filling the sprayer as it is; the same again over nothing but its own remains is no fault. */
    get memory(): Schemas['SprayerMemory'] | null {
        const memory = this.filling.cup ? null : (this.filling.sprayer?.memory ?? null);
        return memory?.code === 'unwashed' && memory.last === this.recipe?.name ? null : memory;
    }

    /** What this household found of this spray against the pest of the case; empty where nothing. */
    get found(): string {
        return this.shelf.own.find((one) => one.pest === this.case?.pest && one.slug === this.recipeSlug)?.words ?? '';
    }

    get case(): Schemas['CaseBrief'] | undefined {
        return this.shelf.cases.find((one) => one.id === this.caseId);
    }

    get plant(): Schemas['Plant'] | undefined {
        return this.shelf.plants.find((one) => one.id === this.plantId);
    }

    /** The sprays that fit the case, best first; until the rules have answered, those that practice uses on its pest. */
    get fitting(): Recipe[] {
        const proposed = this.weighed.proposed;
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

    /** What it lands on. */
    get onto(): string | undefined {
        return recipeIsDrench(this.recipe) ? this.soil || undefined : this.plant?.onBench;
    }

    /** The recipe as it is mixed, but for the order of mixing. */
    get document(): Document | undefined {
        return this.own ?? this.recipe?.document;
    }

    get orderNow(): Order {
        return this.order ?? this.document?.order ?? 'all-together';
    }

    /** Something of the recipe was changed here. */
    get changed(): boolean {
        return this.own !== null || (this.order !== null && this.order !== this.recipe?.document.order);
    }

    /** What the choice proposes in place of a spray that it does not. */
    get instead(): Schemas['Choice']['proposed'][number] | null {
        return this.against.length === 0 ? null : (this.weighed.proposed?.[0] ?? null);
    }

    /** What is set, as the address says it. */
    get address(): string {
        return addressOf(this);
    }

    pickCase(id: number): void {
        this.caseId = id;
        this.pickPlant(this.case?.plant.id ?? this.plantId);
        this.pickRecipe(this.offered[0]?.slug ?? this.recipeSlug);
    }

    pickRecipe(slug: string): void {
        const before = this.recipe?.usualFill ?? null;
        this.recipeSlug = slug;
        this.filling.suit(this.recipe?.usualFill ?? null, before);
        this.own = null;
        this.jarId = this.jars[0]?.id ?? 0;
        this.order = null;
        this.highEnd = false;
        this.factor = 1;
    }

    /** Takes a spray at the dose that it is proposed in. */
    take(option: Schemas['Choice']['proposed'][number]): void {
        this.pickRecipe(option.slug);
        this.highEnd = option.highEnd;
        this.factor = option.half ? HALF : 1;
    }

    /** Does what mends the spray. */
    mend(mending: Mending): void {
        if (mending.recipe !== null) {
            this.own = mending.recipe;
            this.order = null;
            this.highEnd = false;
        }
        if (mending.make !== null) {
            this.filling.fillTo(mending.make.amount, mending.make.unit);
        }
        this.highEnd = mending.highEnd ?? this.highEnd;
        this.factor = mending.factor ?? this.factor;
        if (mending.hardness !== null) {
            this.water.takeUp(mending.hardness, this.water.celsius);
        }
        if (mending.everyDays !== null) {
            this.day.everyDays = String(mending.everyDays);
        }
    }

    /** What was typed wrong on this side, before anything is asked. */
    get typedFault(): string {
        return this.filling.typedFault || this.day.typedFault || this.water.typedFault;
    }

    get request(): Schemas['PlanRequest'] | null {
        return requestOf(this);
    }

    /** All that the plan hangs on. */
    get bench(): Schemas['Bench'] | null {
        return benchOf(this);
    }

    pickPlant(id: number): void {
        this.plantId = id;
        this.day.takeFrom(this.plant);
    }

    /** A sprayer or spoons were owned meanwhile: a new sprayer is the one at hand. */
    async restock(): Promise<void> {
        const before = this.shelf.sprayers.map((one) => one.id);
        this.shelf = { ...this.shelf, ...(await fetchVessels()) };
        const added = this.shelf.sprayers.find((one) => !before.includes(one.id));
        if (added !== undefined) {
            this.filling.pickSprayer(added.id);
        }
    }

    /** Asks for the plan. */
    replan(bench: Schemas['Bench'] | null): void {
        if (bench === null) {
            this.#plans.drop(this.typedFault === '' ? null : new Fault('', this.typedFault));
            return;
        }
        const { first } = this.shelf.opening;
        if (sameBench(bench, first.bench)) {
            this.#plans.take(first.answer);
            return;
        }
        void this.#plans.ask(() => taken(api.POST('/api/bench', { body: bench })));
    }
}
