import { api, taken, type Schemas } from '../../lib/client';
import { Draft } from '../../lib/draft.svelte';
import { Fault } from '../../lib/fault';
import { short, typedNumber } from '../../lib/figures';

/** What is found out about a sprayer, as it is typed: everything in mL and mm. */
export class Details {
    name = $state('');
    holds = $state('');
    unit = $state<Schemas['Amount']['unit']>('L');
    shape = $state<Schemas['Sprayer']['shape']>('trigger-bottle');
    fill = $state('');
    left = $state('');
    pours = $state<{ mL: string; mm: string }[]>([]);
    readonly draft: Draft;

    constructor(readonly sprayer: Schemas['Sprayer']) {
        this.name = sprayer.name;
        this.holds = String(sprayer.holds.amount);
        this.unit = sprayer.holds.unit;
        this.shape = sprayer.shape;
        this.fill = sprayer.fillMl < sprayer.mL ? short(sprayer.fillMl) : '';
        this.left = sprayer.leftBehindMl > 0 ? short(sprayer.leftBehindMl) : '';
        this.pours = sprayer.pours.map((pour) => ({ mL: String(pour.mL), mm: String(pour.mm) }));
        this.draft = new Draft(
            `sprayer-${sprayer.id}-${sprayer.version}`,
            () => {
                const { name, holds, unit, shape, fill, left, pours } = this;
                return JSON.stringify({ name, holds, unit, shape, fill, left, pours });
            },
            (text) => Object.assign(this, JSON.parse(text)),
        );
        this.draft.takeUp();
    }

    addPour(): void {
        const last = typedNumber(this.pours.at(-1)?.mL ?? '0') || 0;
        const first = typedNumber(this.pours[0]?.mL ?? '');
        const each = first > 0 ? first : this.sprayer.mL / 4;
        this.pours.push({ mL: String(Math.min(this.sprayer.mL, Math.round(last + each))), mm: '' });
    }

    async keep(basedOn: (version: number) => number = (version) => version): Promise<Schemas['Sprayer']> {
        const amount = (text: string, what: string): Schemas['Amount'] | null => {
            if (text.trim() === '') {
                return null;
            }
            const ml = typedNumber(text);
            if (!(ml > 0)) {
                throw new Fault('', say('sprayer/pours.write-as-number-of-ml', { what }));
            }
            return { amount: ml, unit: 'mL' };
        };
        const pours = this.pours
            .filter((pour) => pour.mm.trim() !== '')
            .map((pour) => ({ mL: typedNumber(pour.mL), mm: typedNumber(pour.mm) }));
        if (pours.some((pour) => Number.isNaN(pour.mL) || Number.isNaN(pour.mm))) {
            throw new Fault('', say('sprayer/pours.write-each-pour-as-numbers'));
        }
        const holds = { amount: typedNumber(this.holds), unit: this.unit };
        if (Number.isNaN(holds.amount)) {
            throw new Fault('/amount', say('sprayer/pours.write-how-much-holds-as'));
        }
        return taken(
            api.PUT('/api/sprayers/{id}', {
                params: { path: { id: this.sprayer.key } },
                body: {
                    basedOn: basedOn(this.sprayer.version),
                    name: this.name,
                    holds,
                    shape: this.shape,
                    largestFill: amount(this.fill, say('sprayer/pours.largest-fill')),
                    leftBehind: amount(this.left, say('sprayer/pours.what-stays-behind')),
                    pours,
                },
            }),
        );
    }
}
