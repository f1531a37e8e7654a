/** A small drawing of our own for each kind of sign, on a field of 64 by 64. */
export interface Drawing {
    /** Whether it is drawn on a leaf. */
    leaf?: boolean;
    /** Lines. */
    lines?: string;
    /** Filled shapes. */
    shapes?: string;
    /** Filled dots: x, y, radius. */
    dots?: readonly (readonly [number, number, number])[];
    /** Rings: x, y, radius. */
    rings?: readonly (readonly [number, number, number])[];
}

const scatter = (radius: number, ...at: [number, number][]): [number, number, number][] => at.map(([x, y]) => [x, y, radius]);

export const drawings: Record<string, Drawing> = {
    clusters: {
        lines: 'M32 60V20M32 34 20 24M32 40l12-10',
        dots: scatter(3.5, [32, 14], [27, 18], [37, 18], [29, 24], [35, 24], [18, 24], [46, 30]),
    },
    fluff: {
        lines: 'M32 60V6M32 40 14 26M32 40l18-14',
        rings: [
            [32, 40, 8],
            [25, 36, 5],
            [39, 36, 5],
        ],
    },
    tunnel: { leaf: true, lines: 'M24 50q10-2 6-10t6-10-8-8 6-10' },
    domes: { lines: 'M8 48h48', shapes: 'M14 48a8 8 0 0 1 16 0zM34 48a10 10 0 0 1 20 0z' },
    specks: { lines: 'M8 12h48v40H8z', dots: scatter(2.2, [20, 24], [32, 30], [44, 22], [26, 40], [40, 42], [50, 34]) },
    flies: {
        lines: 'M16 44l-6-5M16 44l6-5M36 24l-7-5M36 24l7-5M50 46l-6-5M50 46l6-5M24 14l-5-4M24 14l5-4',
        dots: scatter(3, [16, 46], [36, 26], [50, 48], [24, 16]),
    },
    slender: { lines: 'M16 16l10 14M36 14l8 16M22 44l16 6M46 40l8 10' },
    beetle: { lines: 'M32 14v40M20 18l-8-6M44 18l8-6M16 34H6M48 34h10M20 50l-8 6M44 50l8 6M24 24v22M40 24v22', rings: [[32, 34, 17]] },
    eggs: { leaf: true, dots: scatter(3.2, [26, 30], [32, 28], [38, 30], [26, 37], [32, 36], [38, 37], [32, 44]) },
    twig: { lines: 'M8 56 56 8M26 38 14 26M40 24l4-16', dots: scatter(2.6, [34, 36], [38, 32], [42, 30], [38, 38], [44, 35], [34, 42]) },
    caterpillar: {
        lines: 'M6 52h52',
        rings: [
            [14, 42, 7],
            [24, 38, 7],
            [34, 40, 7],
            [44, 38, 7],
        ],
        dots: scatter(2, [49, 36], [20, 56], [36, 57]),
    },
    slime: { lines: 'M6 50c10-14 16 6 24-8s14 6 28-18M6 56c12-12 18 6 26-6s14 6 26-14' },
    grub: { lines: 'M6 20h52M44 34a12 12 0 1 0 2 14', dots: scatter(2.5, [45, 36]) },
    shine: { leaf: true, lines: 'M24 26v10M19 31h10M40 36v8M36 40h8' },
    ants: { lines: 'M32 62V2', dots: scatter(3, [27, 18], [27, 24], [37, 40], [37, 46], [27, 54], [37, 10]) },
    web: { leaf: true, lines: 'M6 6l52 52M58 6 6 58M32 2v60M18 18q14 8 28 0M18 46q14-8 28 0M18 18q8 14 0 28M46 18q-8 14 0 28' },
    film: { leaf: true, shapes: 'M22 22q10-8 20 0 6 8-2 12-10 4-18-2-6-6 0-10zM28 42q8-4 12 2 0 6-8 4-6-2-4-6z' },
    swab: { lines: 'M8 56 40 24', shapes: 'M36 18q8-12 18-6 8 8-4 18-8 4-14-2t0-10z' },
    stipple: {
        leaf: true,
        dots: scatter(
            1.6,
            [24, 24],
            [30, 20],
            [36, 24],
            [42, 30],
            [26, 32],
            [34, 32],
            [22, 38],
            [30, 40],
            [38, 40],
            [32, 48],
            [42, 38],
            [28, 26],
            [38, 46],
        ),
    },
    silver: { leaf: true, lines: 'M22 26l12-6M24 34l16-8M26 42l14-7', dots: scatter(1.8, [42, 24], [22, 34], [42, 40], [32, 48]) },
    patches: { leaf: true, shapes: 'M22 24h12v8H22zM34 38h10v8H34z' },
    holes: { leaf: true, shapes: 'M24 26a5 6 0 1 0 10 0 5 6 0 1 0-10 0zM36 42a5 5 0 1 0 10 0 5 5 0 1 0-10 0zM50 26a7 7 0 0 0-9 9z' },
    rings: {
        leaf: true,
        rings: [
            [28, 28, 3],
            [28, 28, 7],
            [38, 44, 3],
            [38, 44, 7],
        ],
    },
    spots: { leaf: true, shapes: 'M22 24l3-4 4 3 5-2-1 5 4 3-5 2 0 5-4-3-5 2 1-5zM34 42l3-3 3 2 4-1-1 4 2 4-4 0-3 3-2-4z' },
    pustules: {
        leaf: true,
        rings: [
            [26, 26, 3],
            [36, 24, 3],
            [30, 36, 3],
            [40, 36, 3],
            [32, 46, 3],
        ],
        dots: scatter(1.2, [26, 26], [36, 24], [30, 36], [40, 36], [32, 46]),
    },
    blisters: { leaf: true, lines: 'M18 30a6 6 0 0 1 12 0M32 24a6 6 0 0 1 12 0M26 44a6 6 0 0 1 12 0' },
    mosaic: { leaf: true, shapes: 'M24 18h8v8h-8zM36 28h8v8h-8zM20 32h8v8h-8zM32 40h8v8h-8z' },
    curl: { lines: 'M32 62V34M32 34c-16 0-20-18-8-22 10-2 12 12 2 12M32 40c14 2 20-12 12-18-6-4-12 4-6 8' },
    drop: { lines: 'M32 4v24M32 14 20 6M16 56c0-12 14-16 22-10-2 10-14 14-22 10zM24 40l-6 6M46 34v10' },
    rot: { lines: 'M20 6q8 26 6 40M44 6q-8 26-6 40M6 52h52', shapes: 'M24 38h16l4 14H20z' },
    limp: { lines: 'M10 60h44M32 60V34q0-18-14-16-10 2-10 18M32 40q0-16 14-14 8 2 8 16' },
    pale: { leaf: true, lines: 'M20 44h24M22 50h20' },
    climb: { lines: 'M32 62V8M32 50 18 44M32 50l14-6M32 34 20 30M12 26V8M12 8l-5 7M12 8l5 7', shapes: 'M12 46h10v8H12zM42 46h10v8H42z' },
    tip: { lines: 'M32 62V24M32 40 18 36M32 40l14-4', shapes: 'M32 6c10 8 8 16 0 20-8-4-10-12 0-20z' },
    rain: { lines: 'M14 26a10 10 0 0 1 20-4 8 8 0 1 1 10 12H18a8 8 0 0 1-4-8zM20 42l-4 12M32 42l-4 12M44 42l-4 12' },
    sun: { lines: 'M32 6v8M32 50v8M6 32h8M50 32h8M14 14l6 6M44 44l6 6M50 14l-6 6M20 44l-6 6', rings: [[32, 32, 11]] },
    move: { lines: 'M8 20h14l-3 22H11zM42 20h14l-3 22H45zM26 32h12M33 26l6 6-6 6' },
};
