import { expect, it } from 'vitest';
import { byPest, down, families, levelOf, span, type Row } from './figures';

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

it('keeps an interval on its axis', () => {
    expect(span(-300, 50, 10, 200)).toEqual({ x: 10, width: 100 });
    expect(span(99.9, 100, 0, 100).width).toBe(3);
});

it('marks each verdict its own way', () => {
    expect((['keep', 'tune', 'drop', 'not-enough'] as const).map(levelOf)).toEqual(['ok', 'caution', 'stop', 'wait']);
});
