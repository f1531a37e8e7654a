import type { Schemas } from '../lib/client';

export type ShapeCode = Schemas['Sprayer']['shape'];

export interface Drawn {
    /** The vessel, closed; what is poured stands between y = 70 and y = 330 in it. */
    body: string;
    /** Strokes of its own that tell it from the others. */
    lines: string;
    /** Parts that are filled. */
    solid: string;
    /** Where its marks begin and where the handle sits, in units of the drawing (250 x 360). */
    left: number;
    right: number;
    /** Where the tube that draws reaches down; none where nothing draws. */
    tube: number | null;
}

/** Our own drawings, each vessel with what one knows it by. */
export const SHAPES: Record<ShapeCode, Drawn> = {
    'trigger-bottle': {
        body: 'M88 56h44q36 4 36 40v220q0 20-20 20H72q-20 0-20-20V96q0-36 36-40z',
        lines: 'M134 40l24 26',
        solid: 'M86 56V34q0-6 8-6V12h74q12 0 12 10v6h12v10h-30l-10-4h-16v22z',
        left: 52,
        right: 168,
        tube: 110,
    },
    'pump-can': {
        body: 'M60 62h90q20 0 20 20v234q0 20-20 20H60q-20 0-20-20V82q0-20 20-20z',
        lines: 'M78 18h54M105 18v30M170 92c44 0 46 70 34 150s14 92 30 92',
        solid: 'M88 44h34v18H88z',
        left: 40,
        right: 170,
        tube: 105,
    },
    knapsack: {
        body: 'M52 62h112q22 0 22 22v230q0 22-22 22H52q-22 0-22-22V84q0-22 22-22z',
        lines: 'M186 110c34 20 34 120 0 150M176 100c20 34 20 140 0 170M30 310H8v-40l14-40M186 322h30q14 0 14-16V150l10-40',
        solid: 'M74 38h46q6 0 6 6v18H68V44q0-6 6-6z',
        left: 30,
        right: 186,
        tube: 108,
    },
    'hose-end': {
        body: 'M78 78h60q8 0 8 8v16q24 12 24 40v170q0 24-24 24H70q-24 0-24-24V142q0-28 24-40V86q0-8 8-8z',
        lines: 'M46 40H4M152 40h84M236 28v24',
        solid: 'M60 26h94v26h-20v24H82V52H60z',
        left: 46,
        right: 170,
        tube: 108,
    },
    'watering-can': {
        body: 'M58 62h112q8 0 9 9l11 245q0 20-20 20H58q-20 0-20-20L49 71q1-9 9-9z',
        lines: 'M70 62c0-60 88-60 88 0M186 250L226 130M216 122l22 14',
        solid: '',
        left: 40,
        right: 182,
        tube: null,
    },
    bucket: {
        body: 'M34 62h144q8 0 7 9l-16 245q-1 20-21 20H64q-20 0-21-20L27 71q-1-9 7-9z',
        lines: 'M34 62C40 -6 172 -6 178 62',
        solid: '',
        left: 34,
        right: 178,
        tube: null,
    },
    jar: {
        body: 'M56 62h98q26 6 26 34v218q0 22-22 22H52q-22 0-22-22V96q0-28 26-34z',
        lines: 'M150 30l44 60',
        solid: 'M54 40h102v18H54z',
        left: 30,
        right: 180,
        tube: null,
    },
};
