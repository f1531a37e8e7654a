import { expect, it } from 'vitest';
import { byPest, dots, down, families, FROM, LENGTH, levelOf, span, type Row } from './figures';

const row = (over: Partial<Row>): Row =>
    ({ pest: 'aphids', pestName: 'Aphids', family: 'Soap', judged: 4, effectLow: 70, effectHigh: 90, verdict: 'keep', ...over }) as Row;

it('puts sprays together by pest, in their order', () => {
    const groups = byPest(
        [row({ family: 'Oil' }), row({ pest: 'rust', pestName: 'Rust' }), row({})],
        [{ pest: 'rust', family: 'Soda', expectedPercent: 40 }],
    );
    expect(groups.map((group) => [group.name, group.rows.length, group.untried.length])).toEqual([
        ['Aphids', 2, 0],
        ['Rust', 1, 1],
    ]);
    expect(families([row({ family: 'Soap' }), row({ family: 'Oil' }), row({})])).toEqual(['Oil', 'Soap']);
});

it('says percent down, and when it went up', () => {
    expect([down(86.4), down(-12), down(null), down(-0.2)]).toEqual(['86 %', '12 % up', '?', '0 %']);
});

it('draws the whole of an interval, and says where it leaves the axis', () => {
    expect(span(50, 100)).toEqual({ x: FROM + LENGTH / 2, width: LENGTH / 2, beyond: false });
    expect(span(-300, 50)).toEqual({ x: FROM, width: LENGTH / 2, beyond: true });
    expect(span(99.9, 100).width).toBe(3);
});

it('has one dot a round, above each other where they agree, and a ring beside the axis for what was not judged', () => {
    const drawn = dots([0, 0, 50, 260, null]);
    expect(drawn.map((dot) => [dot.x, dot.above, dot.judged, dot.grew])).toEqual([
        [FROM + LENGTH, 0, true, false],
        [FROM + LENGTH, 1, true, false],
        [FROM + LENGTH / 2, 0, true, false],
        [FROM, 0, true, true],
        [FROM + LENGTH + 24, 0, false, false],
    ]);
    expect(dots(Array<number>(90).fill(10))).toHaveLength(60);
});

it('marks each verdict its own way', () => {
    expect((['keep', 'tune', 'drop', 'not-enough'] as const).map(levelOf)).toEqual(['ok', 'caution', 'stop', 'wait']);
});
