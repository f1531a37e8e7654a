import type { Schemas } from '../../lib/client';

/** Which of the drawn leaves is nearest to a share that is hurt; the first of two that are as near. */
export function nearestPlate(drawings: readonly Pick<Schemas['DrawnLeaf'], 'share'>[], share: number): number {
    const off = (i: number): number => Math.abs((drawings[i]?.share ?? 0) - share);
    return drawings.reduce((best, _, i) => (off(i) < off(best) ? i : best), 0);
}
