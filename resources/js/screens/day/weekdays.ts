import { weekdayOf } from '../../lib/time';

const DAY_MONTH = / .*/;

/** Of 1 for Monday to 7 for Sunday. */
export const weekdayName = (day: number): string => weekdayOf(`2024-01-0${day}T12:00:00Z`, 'UTC').replace(DAY_MONTH, '').replace(',', '');

/** Of a day like 2026-05-03, wherever one is. */
export const dayOf = (day: string): string => weekdayOf(`${day}T12:00:00Z`, 'UTC');
