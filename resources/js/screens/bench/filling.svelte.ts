import type { Schemas } from '../../lib/client';
import { short, typedNumber } from '../../lib/figures';
import { Kept } from '../../lib/kept';
import type { Shelf } from './shelf';

type Amount = Schemas['Amount'];

/** The sprayer that was used last on this device is the one at hand. */
const LAST_SPRAYER = new Kept('idle-mixer-sprayer');

/** Stands for a cup where a sprayer is picked. */
export const CUP = -1;

/** What is filled, and how far. */
export class Filling {
    /** 0 where it is mixed in one go, without a sprayer. */
    sprayerId = $state(0);
    /** It is a cup for a leaf test, and no full batch. */
    cup = $state(false);
    makeText = $state('1');
    unit = $state<Amount['unit']>('[qt_us]');
    /** What was made before the level was changed, newest last. */
    #before = $state.raw<[string, Amount['unit']][]>([]);
    /** What is asked of how much to make, or the matter with it. */
    spoken = $state('');
    readonly #shelf: () => Shelf;

    constructor(shelf: () => Shelf) {
        this.#shelf = shelf;
    }

    get sprayer(): Schemas['Sprayer'] | undefined {
        return this.#shelf().sprayers.find((one) => one.id === this.sprayerId);
    }

    get #unitNow(): Schemas['Catalogue']['volumeUnits'][number] | undefined {
        return this.#shelf().catalogue.volumeUnits.find((one) => one.code === this.unit);
    }

    get unitWords(): string {
        return this.#unitNow?.words ?? this.unit;
    }

    get unitMl(): number {
        return this.#unitNow?.mL ?? 1;
    }

    get make(): number {
        return typedNumber(this.makeText);
    }

    /** What the sprayer holds, in the unit that is spoken of. */
    get capacity(): number {
        return this.sprayer === undefined ? Math.max(this.make || 1, 1) : this.sprayer.mL / this.unitMl;
    }

    get typedFault(): string {
        return Number.isNaN(this.make) ? this.spoken || say('bench/filling.write-how-much-to-make') : '';
    }

    /** How much to make, said in words. */
    async hear(typed: string): Promise<void> {
        const sprayer = this.sprayer;
        // Only who types words needs what reads them.
        const { Said } = await import('../../lib/said.svelte');
        const said = new Said();
        const found = await said.read(typed, this.unit, sprayer === undefined ? {} : { wholeMl: sprayer.mL });
        this.spoken = said.text;
        if (found !== null) {
            this.unit = found.unit;
            this.makeText = String(found.amount);
        }
    }

    /** Whether the level can be put back to where it was. */
    get canPutBack(): boolean {
        return this.#before.length > 0;
    }

    /** What is set, as the address says it. */
    get said(): Record<string, string> {
        return {
            ...(this.#shelf().sprayers.length > 0 && { sprayer: String(this.sprayerId) }),
            ...(this.cup && { cup: '1' }),
            ...(!Number.isNaN(this.make) && { make: this.makeText.trim(), unit: this.unit }),
        };
    }

    /** Fills to another level, and keeps the way back. */
    fillTo(amount: number, unit = this.unit): void {
        this.#before = [...this.#before, [this.makeText, this.unit]];
        [this.makeText, this.unit] = [short(amount), unit];
    }

    putBack(): void {
        const last = this.#before.at(-1);
        if (last !== undefined) {
            this.#before = this.#before.slice(0, -1);
            [this.makeText, this.unit] = last;
        }
    }

    /** A sprayer, one go, or a cup for a leaf test. */
    pickVessel(id: number): void {
        if (id === CUP) {
            this.#inOneGo(this.#shelf().catalogue.leafCup);
            this.cup = true;
        } else {
            this.pickSprayer(id);
        }
    }

    pickSprayer(id: number): void {
        this.cup = false;
        this.sprayerId = id;
        const sprayer = this.sprayer;
        if (sprayer !== undefined) {
            this.#make(sprayer.fill);
            LAST_SPRAYER.keep(id);
        }
    }

    /** Another spray: swabs are dipped into a jar, and after them the sprayer is at hand again. */
    suit(now: Amount | null, before: Amount | null): void {
        if (now !== null) {
            this.#inOneGo(now);
        } else if (before !== null && this.sprayerId === 0) {
            this.#pickKnown(Number(LAST_SPRAYER.read() ?? 0));
        }
    }

    /**
     * The sprayer and the volume that were asked for, or that the opening has, or the one at hand filled up.
     *
     * @param usual how much is made of the spray where no sprayer is filled with it
     * @param offered whether the spray is the one that the opening offers
     */
    open(from: URLSearchParams, opening: Schemas['Opening'], usual: Amount | null, offered: boolean): void {
        const asked = from.get('sprayer');
        const cup = from.has('cup');
        const alone = offered && opening.sprayerId === null ? opening.make : offered ? null : usual;
        if (asked === '0' || (asked === null && alone !== null)) {
            this.#inOneGo(alone ?? { amount: 1, unit: this.unit });
        } else {
            this.#pickKnown(Number(asked ?? opening.sprayerId ?? LAST_SPRAYER.read() ?? 0));
            const like = asked === null && this.sprayerId === opening.sprayerId ? opening.make : null;
            if (like !== null) {
                this.#make(like);
            }
        }
        const unit = this.#shelf().catalogue.volumeUnits.find((one) => one.code === from.get('unit'))?.code;
        const make = from.get('make');
        if (make !== null && unit !== undefined) {
            this.makeText = make;
            this.unit = unit as Amount['unit'];
        }
        this.cup = cup;
    }

    /** The sprayer of that number; the smallest where there is none. */
    #pickKnown(id: number): void {
        const { sprayers } = this.#shelf();
        this.pickSprayer((sprayers.find((one) => one.id === id) ?? sprayers.at(-1))?.id ?? 0);
    }

    #inOneGo(make: Amount): void {
        this.sprayerId = 0;
        this.#make(make);
    }

    #make(amount: Amount): void {
        this.makeText = String(amount.amount);
        this.unit = amount.unit;
    }
}
