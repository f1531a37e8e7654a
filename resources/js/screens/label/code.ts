import qrcode from 'qrcode-generator';

/** Sides of the dark squares of a code that opens an address, as one path in a square so many units wide. */
export function codeOf(address: string): { size: number; path: string } {
    const code = qrcode(0, 'M');
    code.addData(address);
    code.make();
    const size = code.getModuleCount();
    const squares = Array.from({ length: size * size }, (_, i) => ({ x: i % size, y: Math.floor(i / size) })).filter(({ x, y }) =>
        code.isDark(y, x),
    );
    return { size, path: squares.map(({ x, y }) => `M${x} ${y}h1v1h-1z`).join('') };
}
