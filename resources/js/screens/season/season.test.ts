import { expect, it } from 'vitest';
import type { Schemas } from '../../lib/client';
import { Season } from './season.svelte';

const asked: Schemas['SeasonAsked'][] = [];
const answer = (one: Schemas['SeasonAsked']): Schemas['Season'] => ({
    garden: one.garden,
    pestName: 'Mites',
    celsius: 20,
    days: 56,
    sprayedUntil: 42,
    counts: [0, ...one.looks].map((day) => ({ day, count: 10 })),
    end: null,
});
const ask = (one: Schemas['SeasonAsked']): Promise<Schemas['Season']> => {
    asked.push(one);
    return Promise.resolve(answer(one));
};
const later = (): Promise<void> => new Promise((done) => setTimeout(done));

it('keeps what was done on which day, and lets days pass up to the last', async () => {
    const season = new Season(ask, 7);
    await later();
    expect([season.day, season.mayLook, season.maySpray]).toEqual([0, false, true]);
    await season.spray();
    expect([season.rounds, season.maySpray]).toEqual([[0], false]);
    await season.pass(7);
    await season.look();
    expect([season.day, season.looks, season.mayLook, season.maySpray]).toEqual([7, [7], false, true]);
    await season.pass(40);
    expect([season.day, season.maySpray, season.over]).toEqual([47, false, false]);
    await season.pass(40);
    expect([season.day, season.over]).toEqual([56, true]);
    expect(asked.at(-1)).toEqual({ garden: 7, rounds: [0], looks: [7], until: 56 });
    await season.begin(8);
    expect([season.garden, season.day, season.rounds, season.looks]).toEqual([8, 0, [], []]);
});

it('stays where it was when an answer is lost, and does nothing twice', async () => {
    let lost = false;
    const season = new Season((one) => (lost ? Promise.reject(new Error('no')) : ask(one)), 7);
    await later();
    await Promise.all([season.pass(7), season.pass(7)]);
    expect(season.day).toBe(7);
    lost = true;
    await season.spray();
    expect([season.day, season.rounds, season.fault === null, season.busy]).toEqual([7, [], false, false]);
    lost = false;
    await season.spray();
    expect([season.rounds, season.fault]).toEqual([[7], null]);
});
