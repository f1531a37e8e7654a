import { api, taken, type Schemas } from './client';
import { Fault } from './fault';
import { typedNumber } from './figures';

type Amount = Schemas['Amount'];
type Understood = Schemas['SaidAmount'];

/** What may be known of the field. */
export interface About {
    /** mL of the bottle or sprayer that “half of it” is of. */
    wholeMl?: number;
    weight?: boolean;
}

/** An amount as it is typed into a field: a number of the unit beside it, or anything that people say. */
export class Said {
    /** What is asked of it, or the matter with it; empty where it is clear. */
    text = $state('');
    answers = $state.raw<Understood['answers']>([]);
    #asked = 0;

    /** Null where it is a plain number already, or not understood; what was understood otherwise. */
    async read(typed: string, unit: Amount['unit'], about: About = {}): Promise<Amount | null> {
        const asked = ++this.#asked;
        this.text = '';
        this.answers = [];
        if (typed.trim() === '' || !Number.isNaN(typedNumber(typed))) {
            return null;
        }
        try {
            const whole = about.wholeMl === undefined ? null : { amount: about.wholeMl, unit: 'mL' as const };
            const body = { said: typed, unit, whole, weight: about.weight ?? false };
            const answer = await taken(api.POST('/api/amount', { body }));
            if (asked !== this.#asked) {
                return null;
            }
            this.text = answer.amount === null ? answer.text : '';
            this.answers = answer.answers;
            return answer.amount as Amount | null;
        } catch (thrown) {
            this.text = asked === this.#asked ? Fault.from(thrown).message : this.text;
            return null;
        }
    }
}
