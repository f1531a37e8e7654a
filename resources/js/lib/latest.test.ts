import { expect, it } from 'vitest';
import { Fault } from './fault';
import { Latest } from './latest.svelte';

function later<T>(): { promise: Promise<T>; give: (value: T) => void; fail: (why: Error) => void } {
    let give: (value: T) => void = () => undefined;
    let fail: (why: Error) => void = () => undefined;
    const promise = new Promise<T>((resolve, reject) => {
        give = resolve;
        fail = reject;
    });
    return { promise, give, fail };
}

it('keeps the answer to the latest question, whichever comes first', async () => {
    const latest = new Latest<string>();
    const slow = later<string>();
    const quick = later<string>();
    const first = latest.ask(() => slow.promise);
    const second = latest.ask(() => quick.promise);
    quick.give('new');
    await second;
    slow.give('old');
    await first;
    expect(latest.value).toBe('new');
});

it('drops a fault that was overtaken, and shows one that was not', async () => {
    const latest = new Latest<string>();
    const slow = later<string>();
    const first = latest.ask(() => slow.promise);
    await latest.ask(() => Promise.resolve('good'));
    slow.fail(new Fault('/x', 'too late'));
    await first;
    expect([latest.value, latest.fault]).toEqual(['good', null]);
    await latest.ask(() => Promise.reject(new Fault('/y', 'no')));
    expect(latest.fault?.path).toBe('/y');
});

it('lets go of what is under way', async () => {
    const latest = new Latest<string>();
    const slow = later<string>();
    const first = latest.ask(() => slow.promise);
    latest.drop(new Fault('', 'Write a number.'));
    slow.give('late');
    await first;
    expect([latest.value, latest.fault?.message]).toEqual([null, 'Write a number.']);
});

it('forgets what was asked and answered once nothing is asked any more', async () => {
    const latest = new Latest<string>();
    await latest.ask(async () => 'an answer');
    expect(latest.value).toBe('an answer');
    const second = later<string>();
    const pending = latest.ask(() => second.promise);
    latest.drop(null);
    second.give('too late');
    await pending;
    expect([latest.value, latest.fault]).toEqual([null, null]);
});

it('says as long as what is here answers an older question', async () => {
    const latest = new Latest<string>();
    await latest.ask(async () => 'old');
    expect(latest.asking).toBe(false);
    const slow = later<string>();
    const quick = later<string>();
    const first = latest.ask(() => slow.promise);
    const second = latest.ask(() => quick.promise);
    slow.give('overtaken');
    await first;
    expect([latest.value, latest.asking]).toEqual(['old', true]);
    quick.give('new');
    await second;
    expect([latest.value, latest.asking]).toEqual(['new', false]);
    void latest.ask(() => later<string>().promise);
    latest.take('at hand');
    expect(latest.asking).toBe(false);
});
