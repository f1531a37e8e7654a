/** Up to here a measure is a drop, and up to there a spoon; what holds more is a cup. In mL. */
const DROP = 0.6;
const SPOON = 30;
const ML_TO_MM3 = 1000;

export interface Drawn {
    kind: 'drop' | 'spoon' | 'cup';
    /** The whole of it, in px: one for each mm of the thing itself. */
    width: number;
    height: number;
    /** Half of its mouth. */
    radius: number;
}

/** The radius of half a ball of so many mL, in mm: two thirds of pi r cubed. */
const ofHalfBall = (mL: number): number => Math.cbrt((3 * mL * ML_TO_MM3) / (2 * Math.PI));
/** Of a cup as high as it is wide: two pi r cubed. */
const ofCup = (mL: number): number => Math.cbrt((mL * ML_TO_MM3) / (2 * Math.PI));
/** Of a ball: four thirds of pi r cubed. */
const ofBall = (mL: number): number => Math.cbrt((3 * mL * ML_TO_MM3) / (4 * Math.PI));

/** A measure as it is drawn: all of them by one scale, so that a tablespoon is three teaspoons to the eye, too. */
export function drawnScoop(mL: number): Drawn {
    if (mL < DROP) {
        const radius = Math.max(2, ofBall(mL));
        return { kind: 'drop', radius, width: 2 * radius + 4, height: 3 * radius + 4 };
    }
    if (mL < SPOON) {
        const radius = ofHalfBall(mL);
        return { kind: 'spoon', radius, width: 2 * radius + 34, height: radius + 14 };
    }
    const radius = Math.min(40, ofCup(mL));
    return { kind: 'cup', radius, width: 2 * radius + 16, height: 2 * radius + 6 };
}
