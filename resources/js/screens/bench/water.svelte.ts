import { api, taken, type Schemas } from '../../lib/client';
import { typedNumber } from '../../lib/figures';

type Asked = NonNullable<Schemas['PlanRequest']['water']>;

/** The water that is mixed with, as it is said on the bench. */
export class Water {
    /** One of the waters of the catalogue, `number` for a figure of one's own, or empty while nobody knows. */
    kind = $state('');
    hardnessText = $state('');
    hardnessUnit = $state('mg/L');
    celsius = $state<number | null>(null);

    constructor(private readonly catalogue: Pick<Schemas['Catalogue'], 'waters' | 'hardnessUnits'>) {}

    /** mg/L, or null while nobody knows. */
    get hardness(): number | null {
        if (this.kind === 'number') {
            const unit = this.catalogue.hardnessUnits.find((one) => one.code === this.hardnessUnit);
            return typedNumber(this.hardnessText) * (unit?.mgPerL ?? 1);
        }
        return this.catalogue.waters.find((one) => one.code === this.kind)?.mgPerL ?? null;
    }

    get typedFault(): string {
        return this.kind === 'number' && Number.isNaN(typedNumber(this.hardnessText))
            ? say('bench/water.write-hardness-as-number-like')
            : '';
    }

    /** As it is asked for; undefined where nothing is said. */
    get asked(): Asked | undefined {
        const hardness = this.hardness;
        return hardness === null && this.celsius === null
            ? undefined
            : {
                  ...(hardness === null ? {} : { hardness: { amount: hardness, unit: 'mg/L' as const } }),
                  ...(this.celsius === null ? {} : { temperature: { amount: this.celsius, unit: 'Cel' as const } }),
              };
    }

    /** Takes up what is known of it; null is not known. */
    takeUp(hardness: number | null, celsius: number | null): void {
        if (hardness !== null) {
            this.kind = this.catalogue.waters.find((one) => one.mgPerL === hardness)?.code ?? 'number';
            this.hardnessUnit = 'mg/L';
            this.hardnessText = String(hardness);
        }
        this.celsius = celsius;
    }

    /** Reads strip and thermometer. */
    async read(): Promise<void> {
        const read = await taken(api.GET('/api/devices/water'));
        this.kind = 'number';
        this.hardnessUnit = 'mg/L';
        this.hardnessText = String(read.hardnessMgL);
        this.celsius = read.celsius;
    }
}
