import type { Schemas } from '../../lib/client';
import { typedNumber } from '../../lib/figures';
import { Kept } from '../../lib/kept';
import { writes } from '../../lib/writes';

type Circumstances = NonNullable<Schemas['PlanRequest']['circumstances']>;

export type AirUnit = '°C' | '°F';

const AIR_UNIT = new Kept('idle-mixer-air');

/** As it was said here last, else as this household reads its thermometer. */
const asUsed = (kept: unknown): AirUnit => (kept === '°F' || kept === '°C' ? kept : writes.degrees);

function said(text: string): number | undefined {
    return text.trim() === '' ? undefined : Number(text.trim().replace(',', '.'));
}

/** The day and the plant beyond its leaf, as they are said on the bench; empty is not said. */
export class Day {
    season = $state<'' | 'growing' | 'dormant'>('');
    /** Air in the shade, in the unit that was used last on this device. */
    air = $state('');
    #airUnit = $state<AirUnit>(asUsed(AIR_UNIT.read()));
    inFlower = $state(false);
    pickedInDays = $state('');
    everyDays = $state('');

    /** What the notebook knows of a plant. */
    takeFrom(plant: Schemas['Plant'] | undefined): void {
        this.inFlower = plant?.inFlower ?? false;
        this.pickedInDays = plant?.pickedInDays == null ? '' : String(plant.pickedInDays);
    }

    get airUnit(): AirUnit {
        return this.#airUnit;
    }

    set airUnit(unit: AirUnit) {
        this.#airUnit = unit;
        AIR_UNIT.keep(unit);
    }

    get typedFault(): string {
        // A minus sign belongs to the air alone.
        const numbers = [this.air.trim().replace(/^-/, ''), this.pickedInDays, this.everyDays];
        return numbers.every((text) => text.trim() === '' || !Number.isNaN(typedNumber(text)))
            ? ''
            : say('bench/day.write-temperature-and-days-as');
    }

    get circumstances(): Circumstances {
        return {
            season: this.season || undefined,
            celsius: this.#celsius(said(this.air)),
            inFlower: this.inFlower || undefined,
            everyDays: said(this.everyDays),
        };
    }

    /** Days until it is picked. */
    get pickedIn(): number | undefined {
        return said(this.pickedInDays);
    }

    get summary(): string {
        const all = [
            this.season && (this.season === 'growing' ? say('bench/day.in-leaf') : 'dormant'),
            this.air.trim() && `${this.air.trim()} ${this.airUnit}`,
            this.inFlower && say('bench/day.in-flower'),
            this.pickedInDays.trim() && say('bench/day.picked-in-days', { pickedInDays: this.pickedInDays.trim() }),
            this.everyDays.trim() && say('bench/day.every-days', { everyDays: this.everyDays.trim() }),
        ].filter(Boolean);
        return all.length === 0 ? say('bench/day.nothing-said') : all.join(', ');
    }

    #celsius(air: number | undefined): number | undefined {
        return air === undefined || this.airUnit === '°C' ? air : Math.round((air - 32) / 0.018) / 100;
    }
}
