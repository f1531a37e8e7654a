import { expect, it } from 'vitest';
import { SeenState } from './seen.svelte';

it('says nothing until a drawn leaf is taken, and keeps what was said', () => {
    const seen = new SeenState(2, '');
    expect(seen.said).toBe(false);
    expect(seen.kept).toBe('');
    seen.looksLike(10);
    seen.tap(0.4, 0.5, 'spots');
    expect(seen.body).toEqual({
        leaf: 2,
        share: 10,
        low: 10,
        high: 10,
        kinds: ['spots'],
        lost: false,
        from: 'eye',
        spots: [{ x: 0.4, y: 0.5, kind: 'spots' }],
    });
    expect(new SeenState(2, seen.kept).body).toEqual(seen.body);
});

it('takes a mark away where it is tapped again, and all of them with a clean leaf', () => {
    const seen = new SeenState(1, '');
    seen.tap(0.4, 0.5, 'spots');
    seen.tap(0.42, 0.51, 'wilt');
    expect(seen.spots).toEqual([]);
    seen.tap(0.1, 0.1, 'wilt');
    seen.looksLike(0);
    expect(seen.body.kinds).toEqual([]);
    expect(seen.body.spots).toEqual([]);
});

it('takes a measure with its range, and a leaf that is gone needs no share', () => {
    const seen = new SeenState(1, '');
    seen.measured({ injured: 4, low: 2.5, high: 6 });
    expect(seen.body).toMatchObject({ share: 4, low: 2.5, high: 6, from: 'photo' });
    const gone = new SeenState(3, '');
    gone.lost = true;
    expect(gone.said).toBe(true);
    expect(gone.body.share).toBe(0);
});

it('is said anew with each leaf it looks like, and keeps its kinds unless it is clean', () => {
    const seen = new SeenState(1, '');
    expect(seen.body).toEqual({ leaf: 1, share: 0, low: 0, high: 0, kinds: [], lost: false, from: 'eye', spots: [] });
    seen.lost = true;
    seen.tap(0.2, 0.2, 'wilt');
    seen.looksLike(25);
    expect([seen.lost, seen.kinds, seen.spots.length, seen.said]).toEqual([false, ['wilt'], 1, true]);
    seen.measured({ injured: 30, low: 34, high: 28 });
    expect([seen.low, seen.high]).toEqual([30, 30]);
    seen.looksLike(10);
    expect([seen.share, seen.low, seen.high, seen.from]).toEqual([10, 10, 10, 'eye']);
});

it('ticks and unticks what is wrong, and marks it once', () => {
    const seen = new SeenState(1, '');
    seen.toggle('spots');
    seen.toggle('wilt');
    expect(seen.kinds).toEqual(['spots', 'wilt']);
    seen.tap(0.1, 0.1, 'spots');
    expect(seen.kinds).toEqual(['spots', 'wilt']);
    seen.toggle('spots');
    expect(seen.kinds).toEqual(['wilt']);
    // Taking a mark away leaves what was ticked.
    seen.tap(0.1, 0.1, 'spots');
    expect([seen.kinds, seen.spots]).toEqual([['wilt'], []]);
    seen.tap(0.1, 0.1, 'wilt');
    seen.tap(0.17, 0.1, 'wilt');
    expect(seen.spots.map((one) => one.x)).toEqual([0.1, 0.17]);
    seen.tap(0.17, 0.12, 'spots');
    expect(seen.spots.map((one) => one.x)).toEqual([0.1]);
});

it('keeps on the device what was only begun, and takes up all of it', () => {
    const seen = new SeenState(4, '');
    seen.toggle('wilt');
    expect(JSON.parse(seen.kept)).toMatchObject({ share: null, kinds: ['wilt'] });
    const again = new SeenState(4, seen.kept);
    expect([again.said, again.share, again.kinds]).toEqual([false, null, ['wilt']]);
    again.measured({ injured: 5, low: 4, high: 7 });
    again.tap(0.3, 0.3, 'wilt');
    again.lost = true;
    const third = new SeenState(4, again.kept);
    expect([third.body, third.lost, third.from]).toEqual([again.body, true, 'photo']);
    // What a word said before there were drawings goes on as seen by eye.
    third.from = 'word';
    expect(third.body.from).toBe('eye');
});
