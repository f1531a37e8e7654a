import { expect, it } from 'vitest';
import { takenIn } from './taken';

it.each([
    [{ plants: 0, moves: 0 }, 'Everything in it is here already.'],
    [{ counts: 3, plants: 10, leafTests: 0 }, 'Taken in: 10 plants, 3 counts.'],
    [{ household: 1, garden: 1, plants: 2, eyeRounds: 0 }, 'Taken in: 2 plants, 2 other entries.'],
    [{ moves: 1 }, 'Taken in: one other entry.'],
])('says what was new of a log: %j', (taken, words) => {
    expect(takenIn(taken)).toBe(words);
});
