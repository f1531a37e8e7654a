import type { Schemas } from '../../lib/client';

type Plant = Pick<Schemas['Plant'], 'id' | 'place' | 'retired'>;

/** Places with more than one plant, and the plants there: all of a place are chosen with one tap. */
export function places<P extends Plant>(plants: P[]): { name: string; ids: number[] }[] {
    const by = new Map<string, number[]>();
    for (const plant of plants.filter((one) => !one.retired && one.place !== '')) {
        by.set(plant.place, [...(by.get(plant.place) ?? []), plant.id]);
    }
    return [...by].filter(([, ids]) => ids.length > 1).map(([name, ids]) => ({ name, ids }));
}

/** All of them are added; where all of them were chosen, all of them go. */
export function toggledAll(chosen: number[], ids: number[]): number[] {
    const others = chosen.filter((id) => !ids.includes(id));
    return ids.every((id) => chosen.includes(id)) ? others : [...others, ...ids];
}

/** What does something to what is feared; all of it where nothing is feared by name. */
export function fitting(methods: Schemas['CourseMethod'][], pest: string): Schemas['CourseMethod'][] {
    return pest === '' ? methods : methods.filter((one) => one.against.includes(pest));
}

/** Chosen in place of a spray where plants only stand apart; no recipe is called so. */
export const APART = ':apart';

/** Sprays of a course, by what was chosen. */
export function recipesOf(chosen: string): string[] {
    return chosen === APART ? [] : [chosen];
}

/** Where a spray is mixed for all plants of a course: for the leaf of one of them. */
export function benchOf(course: number, recipe: string | null | undefined, plant: number | null | undefined): string {
    return `/bench?recipe=${recipe ?? ''}&plant=${plant ?? ''}&course=${course}`;
}

/** What it is called where nobody gave it a name: by where its plants stand. */
export function nameOf(plants: Plant[], chosen: number[], fresh: { name: string; place: string } | null): string {
    const there = [...new Set(plants.filter((one) => chosen.includes(one.id)).map((one) => one.place))];
    return (
        (fresh === null ? '' : fresh.place || fresh.name) ||
        (there.length === 1 ? (there[0] ?? '') : '') ||
        say('courses/chosen.some-plants')
    );
}
