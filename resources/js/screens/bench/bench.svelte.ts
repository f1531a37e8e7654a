import { api, taken, type Schemas } from '../../lib/client';
import { Fault } from '../../lib/fault';
import { short, typedNumber } from '../../lib/figures';
import { Kept } from '../../lib/kept';
import { Latest } from '../../lib/latest.svelte';
import { Day } from './day.svelte';
import { sameBench } from './same';
import { fetchVessels, type Shelf } from './shelf';
import { Water } from './water.svelte';

type Recipe = Schemas['Recipe'];
type Order = Recipe['document']['order'];

/** The sprayer that was used last on this device is the one at hand. */
const LAST_SPRAYER = new Kept('idle-mixer-sprayer');

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
    sprayerId = $state(0);
    makeText = $state('1');
    unit = $state<Schemas['Amount']['unit']>('[qt_us]');
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
    readonly day = new Day();
    readonly water: Water;
    /** What was made before the level was changed, newest last. */
    #before = $state.raw<string[]>([]);
    readonly #plans = new Latest<Schemas['BenchPlan']>();
    readonly #choices = new Latest<Schemas['Choice']>();

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
        this.day.takeFrom(this.plant);
        this.recipeSlug = (asked?.slug ?? opening.recipe) || (shelf.recipes[0]?.slug ?? '');
        this.own = offered?.recipeDocument ?? null;
        this.jarId = this.jars[0]?.id ?? 0;
        this.highEnd = offered?.highEnd ?? from.get('dose') === 'high';
        this.factor = offered?.factor ?? (from.get('dose') === 'half' ? 0.5 : 1);
        this.agitation = offered?.agitation ?? this.agitation;
        this.water.takeUp(opening.hardnessMgL, opening.celsius);
        this.#takeSprayer(from, opening);
    }

    get plan(): Schemas['Plan'] | null {
        return this.#plans.fault === null ? (this.#plans.value?.plan ?? null) : null;
    }

    /** The one change after which less is wrong; null where there is none. */
    get mending(): Mending | null {
        return this.#plans.fault === null ? (this.#plans.value?.mending ?? null) : null;
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
        return this.against.length === 0 ? null : (this.#choices.value?.proposed[0] ?? null);
    }

    /** Whether the level can be put back to where it was. */
    get canPutBack(): boolean {
        return this.#before.length > 0;
    }

    /** What is set beyond the sentence, in short. */
    get settings(): string {
        const order = this.shelf.catalogue.orders.find((one) => one.code === this.orderNow)?.name.toLowerCase() ?? '';
        const strength = this.factor < 1 ? 'half strength' : this.highEnd ? 'high end' : 'full strength';
        return [strength, order, this.water.hardness === null ? 'hardness unknown' : `${short(this.water.hardness)} mg/L hard`].join(', ');
    }

    /** What is set, as the address says it. */
    get address(): string {
        const set = { recipe: this.recipeSlug, case: this.caseId, plant: this.plantId, sprayer: this.sprayerId };
        const dose = this.highEnd ? 'high' : this.factor < 1 ? 'half' : '';
        const volume = Number.isNaN(this.make) ? {} : { make: this.makeText.trim(), unit: this.unit };
        return Object.entries({ ...set, dose, ...volume })
            .flatMap(([key, value]) => (value ? [`${key}=${encodeURIComponent(String(value))}`] : []))
            .join('&');
    }

    pickCase(id: number): void {
        this.caseId = id;
        this.pickPlant(this.case?.plant.id ?? this.plantId);
        this.pickRecipe(this.offered[0]?.slug ?? this.recipeSlug);
    }

    pickRecipe(slug: string): void {
        this.recipeSlug = slug;
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
        this.factor = option.half ? 0.5 : 1;
    }

    /** Fills to another level, and keeps the way back. */
    fillTo(amount: number): void {
        this.#before = [...this.#before, this.makeText];
        this.makeText = short(amount);
    }

    putBack(): void {
        const last = this.#before.at(-1);
        if (last !== undefined) {
            this.#before = this.#before.slice(0, -1);
            this.makeText = last;
        }
    }

    /** Does what mends the spray. */
    mend(mending: Mending): void {
        if (mending.recipe !== null) {
            this.own = mending.recipe;
            this.order = null;
            this.highEnd = false;
        }
        if (mending.make !== null) {
            this.unit = mending.make.unit;
            this.fillTo(mending.make.amount);
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
        return {
            recipe: this.#recipe(recipe),
            make: { amount: this.make, unit: this.unit },
            ...(this.sprayer === undefined ? {} : { sprayer: this.sprayer.fill }),
            highEnd: this.highEnd,
            factor: this.factor,
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

    #recipe(recipe: Recipe): Schemas['PlanRequest']['recipe'] {
        const document = this.own ?? recipe.document;
        if (!this.changed && recipe.shipped) {
            return recipe.slug as never;
        }
        return { ...document, order: this.orderNow };
    }

    /** The sprayer and the volume that were asked for, or that the opening has, or the one at hand filled up. */
    #takeSprayer(from: URLSearchParams, opening: Schemas['Opening']): void {
        const asked = from.get('sprayer');
        const used = Number(asked ?? opening.sprayerId ?? LAST_SPRAYER.read() ?? 0);
        const sprayer = this.shelf.sprayers.find((one) => one.id === used) ?? this.shelf.sprayers.at(-1);
        if (sprayer !== undefined) {
            this.pickSprayer(sprayer.id);
        }
        const unit = this.shelf.catalogue.volumeUnits.find((one) => one.code === from.get('unit'))?.code;
        const make = from.get('make');
        if (make !== null && unit !== undefined) {
            this.makeText = make;
            this.unit = unit as Schemas['Amount']['unit'];
        } else if (asked === null && opening.make !== null && (sprayer === undefined || sprayer.id === opening.sprayerId)) {
            this.makeText = String(opening.make.amount);
            this.unit = opening.make.unit;
        }
    }

    /** A sprayer or spoons were owned meanwhile: a new sprayer is the one at hand. */
    async restock(): Promise<void> {
        const before = this.shelf.sprayers.map((one) => one.id);
        this.shelf = { ...this.shelf, ...(await fetchVessels()) };
        const added = this.shelf.sprayers.find((one) => !before.includes(one.id));
        if (added !== undefined) {
            this.pickSprayer(added.id);
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
