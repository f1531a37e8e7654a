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
    crawlers: {
        lines: 'M8 50h48M20 26l-5-4M20 26l-6 3M28 26l5-4M28 26l5 4M40 40l-5-4M40 40l-5 4M48 40l5-4M48 40l5 4',
        shapes: 'M18 26a6 4 0 1 0 12 0 6 4 0 1 0-12 0zM38 40a6 4 0 1 0 12 0 6 4 0 1 0-12 0z',
    },
    skins: {
        leaf: true,
        lines: 'M24 26l4-3M24 26l-3-3M24 32l-4 2M30 32l4 3M38 40l4-3M38 40l-3-3M37 46l-4 2M43 46l4 3',
        rings: [
            [27, 29, 4],
            [40, 43, 4],
        ],
    },
    soilflies: {
        lines: 'M8 50h48M14 50l4 8h28l4-8M22 30l-5-4M22 30l5-4M42 20l-5-4M42 20l5-4M36 42l-5-3M36 42l5-3',
        dots: scatter(2.4, [22, 32], [42, 22], [36, 44]),
    },
    soot: { leaf: true, shapes: 'M18 20q14-10 27 2 6 16-3 28-12 8-20-2-8-14-4-28z', lines: 'M26 56l4-8' },
    crust: { lines: 'M10 26h44l-6 34H16z', shapes: 'M10 20h6v6h-6zM20 18h5v8h-5zM30 21h7v5h-7zM42 19h5v7h-5zM50 21h4v5h-4z' },
    yellowed: { leaf: true, lines: 'M20 24l8-8M20 30l14-14M22 34l10-10M34 46l12-12M36 50l9-9M40 42l6-6' },
    wet: { leaf: true, lines: 'M22 34q4-6 8 0a4 4 0 1 1-8 0zM36 44q4-6 8 0a4 4 0 1 1-8 0zM34 22q4-6 8 0a4 4 0 1 1-8 0z' },
    bleached: { leaf: true, lines: 'M20 26q12-12 24 0M20 26q4 14 12 16 8-2 12-16M6 6l8 8M4 20h8M20 2l2 8' },
    roots: {
        lines: 'M6 22h52M32 4v18M32 22v12l-8 8M24 42l-6 2M32 34l8 10M32 22 18 34M32 22l16 10 6 2M40 44l2 4M24 42v4',
        dots: scatter(1.8, [16, 46], [24, 50], [43, 52]),
    },
    corky: {
        leaf: true,
        dots: scatter(3, [24, 26], [37, 24], [30, 36], [41, 40], [28, 48]),
        lines: 'M20 30h8M33 28h8M26 40h8M37 44h8M24 52h8',
    },
    twisted: {
        lines: 'M32 62q-8-10 0-18t0-16-2-12M32 44q-14 2-12-8 6-6 10 2M32 30q14 0 12-10-6-6-10 2',
        shapes: 'M26 16q2-12 10-8 4 4-2 6 4 4-2 6-6 0-6-4z',
    },
    underfuzz: { leaf: true, lines: 'M22 44c0 4-2 4-2 8M28 48c0 4-2 4-2 8M36 48c0 4 2 4 2 8M42 44c0 4 2 4 2 8M24 40h16' },
    angles: { leaf: true, shapes: 'M20 24h10v10H20zM34 36h11v9H34zM24 42h7v6h-7z' },
    spreading: { leaf: true, shapes: 'M22 22q10-6 16 4 4 10-4 16-10 4-14-6-2-8 2-14z', lines: 'M18 18q16-10 24 6 6 14-6 24' },
    mould: {
        lines: 'M32 62V36M32 36c-12 0-16-10-12-18 8-2 12 4 12 18zM32 36c12 0 16-10 12-18-8-2-12 4-12 18z',
        dots: scatter(2, [18, 12], [24, 8], [30, 12], [36, 8], [42, 12], [46, 8], [22, 18], [40, 18]),
    },
    puckered: {
        lines: 'M32 60V14M32 14c-8-8-20 0-14 8-8 4-6 14 2 14-4 8 4 14 12 10M32 14c8-8 20 0 14 8 8 4 6 14-2 14 4 8-4 14-12 10',
    },
    wiped: { leaf: true, lines: 'M50 30c-6 2-12 6-16 12M56 36c-6 2-12 6-16 12', dots: scatter(2.4, [22, 24], [30, 20], [24, 34]) },
    straps: { lines: 'M32 62V40M32 40q-4-16 2-32M32 44q-14-8-12-26 4-6 2-12M32 44q14-8 12-26-4-6-2-12M32 50q-18-2-22-18M32 50q18-2 22-18' },
    kinds: {
        lines: 'M4 58h56M14 58V36M14 36c-8-2-8-12 0-16 8 4 8 14 0 16zM32 58V30M26 40l6 4 6-6M26 30l6 4 6-6M50 58V38M42 38h16l-8-14zM2 8l8 6M2 16l8 2M10 4l4 8',
    },
    wool: {
        lines: 'M26 62V4M40 62V4M26 20h6M34 34h6',
        rings: [
            [32, 28, 5],
            [28, 40, 6],
            [37, 42, 4],
            [31, 50, 5],
        ],
    },
    rootfluff: {
        lines: 'M6 20h52M32 4v16M32 20v14l-8 14M32 34l8 14M32 20 18 34l-6 12M32 20l14 14 6 12',
        rings: [
            [24, 44, 3.5],
            [40, 44, 3.5],
            [17, 36, 3],
            [47, 36, 3],
            [32, 30, 3],
        ],
    },
    ladybird: {
        lines: 'M32 20v34M18 30l-8-6M16 40H6M20 50l-8 6M46 30l8-6M48 40h10M44 50l8 6M28 14l-4-6M36 14l4-6',
        rings: [
            [32, 38, 17],
            [32, 17, 6],
        ],
        dots: scatter(3, [25, 32], [39, 32], [25, 44], [39, 44]),
    },
    lacewing: {
        lines: 'M32 14v42M32 22C18 10 6 18 6 30s14 12 26-4M32 22c14-12 26-4 26 8s-14 12-26-4M32 30c-10 8-18 20-12 26 6 2 12-12 12-22M32 30c10 8 18 20 12 26-6 2-12-12-12-22M14 22l10 6M50 22l-10 6M32 12l-8-8M32 12l8-8',
    },
    hovergrub: { leaf: true, shapes: 'M22 48q-4-18 14-30 6-2 8 2-2 22-14 30-6 2-8-2z', lines: 'M14 18l3 3M50 44l3 3M16 34l3-2' },
    mummy: {
        lines: 'M32 60V8M14 22l6 4M50 46l-6-4',
        rings: [
            [24, 28, 8],
            [42, 40, 8],
            [23, 47, 6],
        ],
        dots: [
            [44, 38, 2.6],
            [22, 26, 2.6],
        ],
    },
    rovemite: {
        shapes: 'M32 14c10 6 14 18 10 30-3 8-17 8-20 0-4-12 0-24 10-30z',
        lines: 'M26 22 12 14M24 30 8 28M24 40 10 48M38 22l14-8M40 30l16-2M40 40l14 8M28 50l-4 8M36 50l4 8',
    },
    'ground-beetle': {
        shapes: 'M32 26c12 0 14 12 12 20-2 10-8 14-12 14s-10-4-12-14c-2-8 0-20 12-20z',
        lines: 'M32 26v34M25 26c0-6 2-8 7-8s7 2 7 8M28 18 24 8M36 18l4-10M22 32 10 26M20 42H8M22 52l-10 6M42 32l12-6M44 42h12M42 52l10 6',
    },
    spider: {
        lines: 'M32 2v18M26 30 12 20 8 28M26 34H10l-6 8M26 38l-12 8 2 10M38 30l14-10 4 8M38 34h16l6 8M38 38l12 8-2 10M28 42l-6 12 4 6M36 42l6 12-4 6',
        dots: [
            [32, 36, 9],
            [32, 25, 5],
        ],
    },
    folded: {
        lines: 'M32 60V34M32 34C20 34 12 26 10 12c12 2 20 10 22 22M32 34c12 0 20-8 22-22-12 2-20 10-22 22M46 50a8 8 0 1 0 10 8 8 8 0 0 1-10-8z',
    },
    clean: { lines: 'M32 62V28M32 46 18 42M32 46l14-4M32 28c-12-4-10-20 0-24 10 4 12 20 0 24zM26 14l4 5 8-10' },
    newest: {
        lines: 'M32 62V24M32 46c-14 0-18-8-18-8M32 46c14 0 18-8 18-8M46 22V8M46 8l-5 6M46 8l5 6',
        shapes: 'M32 24c-8-2-10-8-6-10l2 4 2-8 4 6 4-4q4 8-6 12z',
    },
    thirsty: { lines: 'M10 58h44M18 58l4-6 4 6M36 58l4-6 4 6M32 52V32q0-16-12-14-8 2-8 14M32 38q0-14 12-12 8 2 8 12' },
    frosted: {
        lines: 'M48 6v16M41 10l14 8M55 10l-14 8M10 60h30M26 60V38',
        shapes: 'M26 40c-14 0-18-14-10-20 10 2 12 10 10 20zM26 46c10 0 16-10 10-16-8 2-10 8-10 16z',
    },
    veins: {
        leaf: true,
        lines: 'M32 26 20 20M32 26l12-6M32 36 18 31M32 36l14-5M32 46l-10-4M32 46l10-4',
        dots: scatter(1.4, [24, 28], [40, 28], [24, 38], [40, 38]),
    },
    weeks: { lines: 'M8 14h48v44H8zM8 26h48M20 6v12M44 6v12M16 36h6M29 36h6M42 36h6M16 48h6M29 48h6' },
    heat: { lines: 'M18 40V12a6 6 0 0 1 12 0v28a10 10 0 1 1-12 0zM24 44V20M44 14q6 5 0 10t0 10M54 14q6 5 0 10t0 10' },
    sprayed: {
        lines: 'M14 26h16v32H14zM18 26v-8h8v8M18 18l-4-6h14l6 4M40 12l6-4M41 18h8M40 24l6 4',
        dots: scatter(1.6, [54, 6], [56, 18], [54, 30], [50, 12], [50, 24]),
    },
    watered: {
        lines: 'M10 34h20l-2 22H12zM30 38l14-14M42 20l8 6M14 34c0-14 12-14 14-2',
        dots: scatter(1.8, [50, 34], [54, 42], [48, 44], [52, 52]),
    },
};
