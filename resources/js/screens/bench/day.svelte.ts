import type { Schemas } from '../../lib/client';
import { typedNumber } from '../../lib/figures';

/** The day and the plant beyond its leaf, as they are said on the bench; empty is not said. */
export class Day {
    season = $state<'' | 'growing' | 'dormant'>('');
    celsius = $state('');
    inFlower = $state(false);
    pickedInDays = $state('');
    everyDays = $state('');

    /** What the notebook knows of a plant. */
    takeFrom(plant: Schemas['Plant'] | undefined): void {
        this.inFlower = plant?.inFlower ?? false;
        this.pickedInDays = plant?.pickedInDays == null ? '' : String(plant.pickedInDays);
    }

    get typedFault(): string {
        // A minus sign belongs to the air alone.
        const numbers = [this.celsius.trim().replace(/^-/, ''), this.pickedInDays, this.everyDays];
        return numbers.every((text) => text.trim() === '' || !Number.isNaN(typedNumber(text)))
            ? ''
            : 'Write temperature and days as numbers, like 21 or 7, or leave them empty.';
    }

    get circumstances(): Schemas['Circumstances'] {
        const number = (text: string): number | undefined => (text.trim() === '' ? undefined : Number(text.trim().replace(',', '.')));
        const all = {
            season: this.season || undefined,
            celsius: number(this.celsius),
            inFlower: this.inFlower || undefined,
            pickedInDays: number(this.pickedInDays),
            everyDays: number(this.everyDays),
        };
        return Object.fromEntries(Object.entries(all).filter(([, value]) => value !== undefined));
    }

    get summary(): string {
        const said = [
            this.season && (this.season === 'growing' ? 'in leaf' : 'dormant'),
            this.celsius.trim() && `${this.celsius.trim()} °C`,
            this.inFlower && 'in flower',
            this.pickedInDays.trim() && `picked in ${this.pickedInDays.trim()} days`,
            this.everyDays.trim() && `every ${this.everyDays.trim()} days`,
        ].filter(Boolean);
        return said.length === 0 ? 'nothing said' : said.join(', ');
    }
}
