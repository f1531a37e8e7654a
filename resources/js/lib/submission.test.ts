import { expect, it } from 'vitest';
import { newSubmission } from './submission';

it('makes up UUIDs of version 4 that differ (RFC 9562)', () => {
    const made = new Set(Array.from({ length: 500 }, newSubmission));
    expect(made.size).toBe(500);
    for (const one of made) {
        expect(one).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
    }
});
