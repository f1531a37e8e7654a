import { expect, it } from 'vitest';
import { isElsewhere } from './elsewhere';

it('knows the machine that serves from any other', () => {
    expect(['127.0.0.1', '127.0.0.2', 'localhost', '[::1]'].map((name) => isElsewhere(name))).toEqual([false, false, false, false]);
    expect(['192.168.7.20', 'bench.lan', '[fe80::1]', '127.0.0.1.evil.example'].map((name) => isElsewhere(name))).toEqual([
        true,
        true,
        true,
        true,
    ]);
});
