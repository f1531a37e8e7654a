<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\LotTrial;
use IdleMixer\Core\Evidence\Side;
use IdleMixer\Core\Evidence\SpotLook;
use IdleMixer\Core\Evidence\TrialPlan;
use IdleMixer\Core\Evidence\TrialSide;
use IdleMixer\Core\Evidence\TrialSides;

/** @param array<int, string> $first by plant, as "day hour" of June */
function side(array $first, int $plants = 2, bool $alone = false): TrialSide
{
    return new TrialSide($alone, range(1, $plants), array_map(static fn(string $at): DateTimeImmutable => inJune($at) ?? new DateTimeImmutable('@0'), $first));
}

function inJune(?string $at): ?DateTimeImmutable
{
    return $at === null ? null : new DateTimeImmutable(vsprintf('2026-06-%02d %s:00', explode(' ', $at)), new DateTimeZone('UTC'));
}

// Both sides of a trial are sprayed on one day, so that they have the same weather; the clock of its looks starts with the last plant.
// Common practice of trials, no source; that a day apart is too long is our own.
it('is sprayed once every plant of both sides is', function (TrialSides $sides, ?string $begun, ?string $sprayed, ?int $apart): void {
    expect([$sides->begun(), $sides->sprayed(), $sides->hoursApart()])->toEqual([inJune($begun), inJune($sprayed), $apart]);
})->with([
    'nothing yet' => [new TrialSides(side([]), side([])), null, null, null],
    'one plant of the first' => [new TrialSides(side([1 => '2 18:00']), side([])), '2 18:00', null, null],
    'all of the first' => [new TrialSides(side([1 => '2 18:00', 2 => '2 18:10']), side([])), '2 18:00', null, null],
    'all of both' => [new TrialSides(side([1 => '2 18:00', 2 => '2 18:10']), side([1 => '2 18:40', 2 => '2 18:30'])), '2 18:00', '2 18:40', null],
    'the second first' => [new TrialSides(side([1 => '2 19:00', 2 => '2 19:10']), side([1 => '2 18:40', 2 => '2 18:30'])), '2 18:30', '2 19:10', null],
    'the first, and the other left alone' => [new TrialSides(side([1 => '2 18:00', 2 => '2 18:10']), side([], alone: true)), '2 18:00', '2 18:10', null],
    'half of the first, and the other left alone' => [new TrialSides(side([2 => '2 18:10']), side([], alone: true)), '2 18:10', null, null],
    'what is left alone was sprayed all the same' => [new TrialSides(side([1 => '2 18:00', 2 => '2 18:10']), side([1 => '3 18:00'], alone: true)), '2 18:00', '2 18:10', null],
    'one left out, and said to be all' => [new TrialSides(side([1 => '2 18:00']), side([1 => '2 18:30', 2 => '2 18:40']), inJune('2 19:00')), '2 18:00', '2 19:00', null],
    'said too soon, sprayed later' => [new TrialSides(side([1 => '4 18:00']), side([1 => '4 18:30']), inJune('2 19:00')), '2 19:00', '4 18:30', null],
    'said to be all, and then all is' => [new TrialSides(side([1 => '2 18:00', 2 => '3 07:00']), side([1 => '2 18:30', 2 => '2 18:40']), inJune('2 19:00')), '2 18:00', '3 07:00', null],
    'of which only words are known' => [TrialSides::said(inJune('2 19:00')), '2 19:00', '2 19:00', null],
    'a day between them, to the hour' => [new TrialSides(side([1 => '2 18:00'], 1), side([1 => '3 18:00'], 1)), '2 18:00', '3 18:00', null],
    'an hour more than a day' => [new TrialSides(side([1 => '2 18:00'], 1), side([1 => '3 19:00'], 1)), '2 18:00', '3 19:00', 25],
    'three days' => [new TrialSides(side([1 => '5 18:00'], 1), side([1 => '2 18:00'], 1)), '2 18:00', '5 18:00', 72],
]);

it('counts who waits for the first round', function (TrialSide $side, int $left, bool $ready): void {
    expect([$side->left(), $side->isReady()])->toBe([$left, $ready]);
})->with([
    'all of them' => [side([], 3), 3, false],
    'one of three' => [side([1 => '2 18:00', 3 => '2 18:00'], 3), 1, false],
    'none' => [side([1 => '2 18:00', 2 => '2 18:00', 3 => '2 18:00'], 3), 0, true],
    'who left it does not wait' => [side([7 => '2 18:00', 1 => '2 18:00'], 1), 0, true],
    'nobody waits where nothing is sprayed' => [side([], 3, true), 0, true],
]);

it('takes what was counted between the two sides for neither before nor after, and ends two weeks after the last', function (): void {
    $looks = array_map(static fn(string $at): SpotLook => new SpotLook(inJune($at) ?? new DateTimeImmutable('@0'), [4.0, 4.0]), ['1 18:00', '2 18:20', '5 18:00']);
    $trial = new LotTrial([true, false], $looks, inJune('2 18:40'), inJune('2 18:00'));
    expect([$trial->before()?->at, count($trial->after()), TrialPlan::looks($trial)])->toEqual([inJune('1 18:00'), 1, array_map(inJune(...), ['5 18:40', '9 18:40', '16 18:40'])])
        ->and(TrialPlan::looks(new LotTrial([true, false], $looks, null, inJune('2 18:00'))))->toBe([]);
});

// Both sides are mixed as a pair, and sprayed one after the other: common practice of trials, no source.
it('mixes both sides before the first is sprayed', function (TrialSides $sides, bool $one, bool $other, ?Side $next): void {
    expect($sides->next($one, $other))->toBe($next);
})->with([
    'neither is mixed' => [new TrialSides(side([]), side([])), false, false, Side::One],
    'the first is mixed' => [new TrialSides(side([]), side([])), true, false, Side::Other],
    'the second is mixed' => [new TrialSides(side([]), side([])), false, true, Side::One],
    'both are mixed' => [new TrialSides(side([]), side([])), true, true, Side::One],
    'the first is sprayed' => [new TrialSides(side([1 => '2 18:00', 2 => '2 18:00']), side([])), true, true, Side::Other],
    'the first is half sprayed' => [new TrialSides(side([1 => '2 18:00']), side([])), true, true, Side::One],
    'who is left alone waits for nothing' => [new TrialSides(side([1 => '2 18:00', 2 => '2 18:00']), side([], alone: true)), true, false, null],
    'all are sprayed' => [new TrialSides(side([1 => '2 18:00'], 1), side([1 => '2 18:00'], 1)), true, true, null],
]);
