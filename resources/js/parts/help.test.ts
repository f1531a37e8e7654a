import { expect, it } from 'vitest';
import { about } from './help';

it('says of every address what it is for', () => {
    for (const path of [
        '/',
        '/day',
        '/bench',
        '/batches',
        '/batches/3',
        '/plants/2',
        '/cases/6',
        '/cases/6/choose',
        '/courses/new',
        '/shed',
        '/worked',
        '/look',
    ]) {
        expect(about(path).length).toBeGreaterThan(30);
    }
    expect(new Set([about('/batches'), about('/batches/3'), about('/cases/6'), about('/cases/6/choose'), about('/')]).size).toBe(5);
});
