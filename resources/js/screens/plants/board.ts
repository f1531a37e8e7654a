import type { Schemas } from '../../lib/client';

type Row = Schemas['Row'];

/** Plants by the place where they stand, in the order in which they are told: what has something on it comes first. */
export function placesOf(rows: Row[]): { name: string; rows: Row[] }[] {
    const places: { name: string; rows: Row[] }[] = [];
    for (const row of rows) {
        const place = places.find((one) => one.name === row.place);
        if (place === undefined) {
            places.push({ name: row.place, rows: [row] });
        } else {
            place.rows.push(row);
        }
    }
    return places;
}
