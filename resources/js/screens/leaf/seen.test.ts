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
