import { bottlePlace } from './bottle';
import type { Schemas } from './client';
import { untilTime } from './time';

type Task = Schemas['Task'];

const PLACES: Record<Task['kind'], (task: Task) => string> = {
    'finish-run': ({ ref }) => `/runs/${ref}`,
    'finish-mixing': ({ ref }) => `/batches/${ref}`,
    discard: ({ ref }) => `/batches/${ref}`,
    'read-leaf-test': ({ ref }) => `/leaf-tests/${ref}`,
    'count-after': ({ ref }) => `/cases/${ref}`,
    'look-over': ({ case: of }) => `/cases/${of}/choose`,
    'look-at-burn': ({ ref }) => `/plants/${ref}#burnt`,
    'next-round': ({ ref }) => `/cases/${ref}`,
    'first-round': ({ ref }) => `/cases/${ref}`,
    'trial-count': ({ ref }) => `/trials/${ref}`,
    'trial-spray': ({ ref }) => `/trials/${ref}`,
    'trial-end': ({ ref }) => `/trials/${ref}`,
    'course-round': ({ ref }) => `/courses/${ref}`,
    'course-clear': ({ ref }) => `/courses/${ref}`,
    'course-look': ({ ref }) => `/courses/${ref}#look`,
};

/** Where it stands. */
export function placeOf(task: Task): string {
    return PLACES[task.kind](task);
}

/** Where what comes next with it is done: what is mixed says so itself. */
export function actPlace(task: Task): string {
    const round = task.kind === 'next-round' || task.kind === 'first-round';
    return task.bottle === null ? placeOf(task) : bottlePlace(task.bottle, task.ready ?? task.ref, round ? task.ref : null);
}

/** No other task has the same. */
export function keyOf(task: Pick<Task, 'kind' | 'ref'>): string {
    return `${task.kind} ${task.ref}`;
}

/** Pages are asked one after the other: what another device added meanwhile pushes a task from one page onto the next. */
export function eachOnce<T extends Pick<Task, 'kind' | 'ref'>>(tasks: T[]): T[] {
    const seen = new Set<string>();
    return tasks.filter((task) => !seen.has(keyOf(task)) && seen.add(keyOf(task)));
}

/** In which hours of its day what is due is sprayed: they hang on the spray; without weather, as gardeners do. */
export function bestHours(task: Pick<Task, 'bestFrom' | 'bestTo' | 'undecided'>, now: Date): string {
    if (task.bestFrom === null || task.bestTo === null) {
        return task.undecided ? say('lib/tasks.once-chosen') : say('lib/tasks.in-the-evening');
    }
    const from = new Date(task.bestFrom);
    if (from <= now && new Date(task.bestTo).toDateString() !== now.toDateString()) {
        return say('lib/tasks.any-hour');
    }
    return from <= now
        ? say('lib/tasks.until', { to: untilTime(task.bestTo, now) })
        : say('lib/tasks.from-to', { from: untilTime(task.bestFrom, now), to: untilTime(task.bestTo, from) });
}
