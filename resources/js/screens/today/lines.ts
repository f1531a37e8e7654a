import type { Schemas } from '../../lib/client';
import { keyOf } from '../../lib/tasks';

type Task = Schemas['Task'];
type Row = Schemas['Row'];

/** One line of the day: a plant with all that it asks for, or something that is of no plant. */
export interface Line {
    key: string;
    row: Row | null;
    tasks: Task[];
}

/** A plant is one line, where its first task stands; what is of no plant comes after those that are due. */
export function linesOf(tasks: Task[], rows: Row[]): Line[] {
    const lines: Line[] = [];
    const urgent = (task: Task): number => (task.slot === 'now' ? 0 : task.slot === 'today' ? 1 : 2);
    for (const task of tasks.toSorted((a, b) => urgent(a) - urgent(b))) {
        const row = rows.find((one) => one.plantId === task.plantId) ?? null;
        const line = row === null ? undefined : lines.find((one) => one.row === row);
        if (line === undefined) {
            lines.push({ key: row === null ? keyOf(task) : `plant ${row.plantId}`, row, tasks: [task] });
        } else {
            line.tasks.push(task);
        }
    }
    const last = (one: Line): number => (one.tasks[0] === undefined ? 3 : urgent(one.tasks[0]) === 2 ? 2 : one.row === null ? 1 : 0);
    return lines.toSorted((a, b) => last(a) - last(b));
}
