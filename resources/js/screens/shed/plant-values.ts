import type { Schemas } from '../../lib/client';

/** What stands in the fields of a plant; what nobody said is empty. */
export function valuesOf(was: Schemas['Plant'] | undefined) {
    return {
        names: was?.name ?? '',
        kind: was?.kind ?? '',
        variety: was?.variety ?? '',
        tolerance: was?.tolerance ?? 'ordinary-leaf',
        place: was?.place ?? '',
        size: was?.size ?? '',
        bearsNoOil: was?.bearsNoOil ?? false,
        indoors: was?.indoors ?? false,
        bloomFrom: was?.bloomFrom ?? '',
        bloomUntil: was?.bloomUntil ?? '',
        harvestOn: was?.harvestOn ?? '',
        soapSensitive: was?.soapSensitive ?? false,
        sulfurOn: was?.sulfurOn ?? '',
        copperOn: was?.copperOn ?? '',
        oilOn: was?.oilOn ?? '',
        stage: was?.stage ?? '',
        stageOn: was?.stageOn ?? '',
        dryOn: was?.dryOn ?? '',
        movedOn: was?.movedOn ?? '',
        wounded: was?.wounded ?? false,
        eatenRaw: was?.eatenRaw ?? false,
        rare: was?.rare ?? false,
        exposure: was?.exposure ?? ('full-sun' as Schemas['Plant']['exposure']),
        lightsOn: was?.lights?.on ?? '',
        lightsOff: was?.lights?.off ?? '',
    };
}

/** The same as it is sent, all but its name. */
export function saidOf(values: ReturnType<typeof valuesOf>) {
    const { kind, variety, rare, tolerance, place, size, bearsNoOil, soapSensitive, indoors, exposure, lightsOn, lightsOff } = values;
    const { stage, wounded, eatenRaw, bloomFrom, bloomUntil, harvestOn, sulfurOn, copperOn, oilOn, dryOn, movedOn, stageOn } = values;
    const day = (text: string): string | null => (text === '' ? null : text);
    return {
        ...{ kind, variety, rare, tolerance, place, size, bearsNoOil, soapSensitive, indoors, exposure, wounded, eatenRaw },
        lights: indoors && lightsOn !== '' && lightsOff !== '' ? { on: lightsOn, off: lightsOff } : null,
        stage: (stage === '' ? null : stage) as Schemas['Plant']['stage'],
        bloomFrom: day(bloomFrom),
        bloomUntil: day(bloomUntil),
        harvestOn: day(harvestOn),
        sulfurOn: day(sulfurOn),
        copperOn: day(copperOn),
        oilOn: day(oilOn),
        dryOn: day(dryOn),
        movedOn: day(movedOn),
        stageOn: day(stageOn),
    };
}
