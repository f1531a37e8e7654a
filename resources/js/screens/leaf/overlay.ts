/** What a point of a leaf was counted as: nothing, healthy, yellow, brown, bleached, wet, missing, left out. */
const COLOURS: readonly [number, number, number, number][] = [
    [0, 0, 0, 0],
    [0, 140, 60, 40],
    [255, 214, 0, 190],
    [176, 58, 0, 190],
    [255, 120, 160, 190],
    [40, 90, 255, 190],
    [200, 0, 200, 190],
    [90, 90, 90, 170],
];
/** Classes that are no injury. */
const CALM = [0, 1, 7];

/** The runs of the server as colours, point by point; what is hurt is striped, so that it reads without colour. */
export function painted(runs: string, width: number, height: number): Uint8ClampedArray<ArrayBuffer> {
    const out = new Uint8ClampedArray(4 * width * height);
    let at = 0;
    for (const run of runs.split(' ')) {
        const [length, code] = run.split('x').map(Number);
        const colour = COLOURS[code ?? 0] ?? COLOURS[0];
        for (let k = 0; k < (length ?? 0) && at < width * height; ++k, ++at) {
            const stripe = !CALM.includes(code ?? 0) && ((at % width) + Math.floor(at / width)) % 6 < 2;
            out.set(stripe ? [255, 255, 255, 230] : (colour ?? [0, 0, 0, 0]), 4 * at);
        }
    }
    return out;
}
