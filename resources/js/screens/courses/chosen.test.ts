import { expect, test } from 'vitest';
import { benchOf, fitting, nameOf, places, toggledAll } from './chosen';

const plant = (id: number, place: string, retired = false): { id: number; place: string; retired: boolean } => ({ id, place, retired });

test('all of a place are one tap, and a place of one plant is none', () => {
    expect(places([plant(1, 'Rack'), plant(2, 'Rack'), plant(3, 'Sill'), plant(4, ''), plant(5, 'Rack', true)])).toEqual([
        { name: 'Rack', ids: [1, 2] },
    ]);
});

test('a tap takes all, a second one leaves all', () => {
    expect(toggledAll([3], [1, 2])).toEqual([3, 1, 2]);
    expect(toggledAll([1, 3], [1, 2])).toEqual([3, 1, 2]);
    expect(toggledAll([3, 1, 2], [1, 2])).toEqual([3]);
});

test('only what does something to what is feared is offered', () => {
    const neem = { slug: 'neem', name: 'Neem', days: 14, against: ['aphids'] };
    const soda = { slug: 'soda', name: 'Soda', days: 14, against: ['powdery-mildew'] };
    expect(fitting([neem, soda], 'aphids')).toEqual([neem]);
    expect(fitting([neem, soda], '')).toEqual([neem, soda]);
});

test('it is called by where its plants stand', () => {
    const plants = [plant(1, 'Rack'), plant(2, 'Rack'), plant(3, 'Sill')];
    expect(nameOf(plants, [1, 2], null)).toBe('Rack');
    expect(nameOf(plants, [1, 3], null)).toBe('Some plants');
    expect(nameOf(plants, [], { name: 'Orchid', place: '' })).toBe('Orchid');
    expect(nameOf(plants, [], { name: 'Orchid', place: 'Shelf' })).toBe('Shelf');
});

test('it is mixed for all plants of a course, for the leaf of one of them', () => {
    expect(benchOf(7, 'plain-soap', 3)).toBe('/bench?recipe=plain-soap&plant=3&course=7');
    expect(benchOf(7, null, undefined)).toBe('/bench?recipe=&plant=&course=7');
});
