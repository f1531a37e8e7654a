import type { Schemas } from '../../lib/client';
import { typedNumber } from '../../lib/figures';
import { spotOf } from '../../lib/spots';

type Look = Pick<Schemas['NewCount'], 'value' | 'each' | 'stages' | 'newClean' | 'helpers' | 'spots'>;

/** As it stands in the fields. */
interface Typed {
    total: boolean;
    text: string;
    each: string[];
    stages: string[];
    newClean: string;
    helpers: string;
    friends: Record<string, number | null>;
    spots: string;
}

const flagOf = (text: string): boolean | null => (text === '' ? null : text === 'yes');

/** What was seen, as it is sent; a sentence where it cannot be. */
export function seen(
    { total, text, each, stages, newClean, helpers, friends, spots }: Typed,
    look: Schemas['Case']['look'],
): Look | string {
    const stage = stages.map((number) => (number.trim() === '' ? null : typedNumber(number)));
    if (stage.some((number) => number !== null && Number.isNaN(number))) {
        return say('cases/count-form.write-how-many-of-each');
    }
    const more = {
        stages: Object.fromEntries(look.stages.flatMap((known, i) => (typeof stage[i] === 'number' ? [[known.key, stage[i]]] : []))),
        newClean: flagOf(newClean),
        // Who saw some and named none still saw some.
        helpers: helpers === 'yes' ? (Object.keys(friends).length > 0 ? friends : true) : helpers === 'no' ? {} : null,
        ...(spots === look.own ? {} : { spots }),
    };
    if (total) {
        const value = typedNumber(text);
        return Number.isNaN(value) ? say('cases/count-form.write-how-many-you-counted') : { value, ...more };
    }
    const filled = each.filter((spot) => spot.trim() !== '').map(spotOf);
    if (filled.length === 0) {
        return say('cases/count-form.say-of-each-how-many', { spot: look.spot });
    }
    const known = filled.filter((spot): spot is Exclude<typeof spot, null> => spot !== null);
    return known.length < filled.length ? say('cases/count-form.one-of-these-no-number') : { each: known, ...more };
}
