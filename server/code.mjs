// node server/code.mjs TEXT: the text as a code for a camera, in blocks for a terminal, dark on light whatever its colours are.
import qrcode from 'qrcode-generator';

const QUIET = 2;
const BLOCKS = ['█', '▄', '▀', ' '];

const code = qrcode(0, 'M');
code.addData(process.argv[2] ?? '');
code.make();
const size = code.getModuleCount();
const dark = (row, column) => row >= 0 && column >= 0 && row < size && column < size && code.isDark(row, column);

for (let row = -QUIET; row < size + QUIET; row += 2) {
    let line = '';
    for (let column = -QUIET; column < size + QUIET; column++) {
        line += BLOCKS[(dark(row, column) ? 1 : 0) + (dark(row + 1, column) ? 2 : 0)];
    }
    console.log(`\x1b[97;40m${line}\x1b[0m`);
}
