<?php

declare(strict_types=1);

use IdleMixer\Core\Data\TrainerLines;
use IdleMixer\Core\Population\LifeCatalogue;
use IdleMixer\Core\Trainer\MadeUp;
use IdleMixer\Core\Trainer\Mistake;
use IdleMixer\Core\Trainer\Season;
use IdleMixer\Core\Trainer\Shown;

/*
 * What every handbook of sprays warns of, as made-up gardens have to show it (common practice, no source): one treatment and done, stopping at
 * the first quiet week, too wide a gap. Who does none of them and keeps at it is told of none.
 */

function madeUpGarden(int $number): MadeUp
{
    return MadeUp::of($number, LifeCatalogue::shipped());
}

/** @return list<Mistake> */
function mistakesToldOf(Season $season): array
{
    return array_map(static fn(Shown $one): Mistake => $one->mistake, $season->mistakes());
}

it('is the same garden for a number, another for another, and off what handbooks say by no more than a third', function (): void {
    $troubles = [];
    for ($number = 0; $number < 60; ++$number) {
        [$garden, $again] = [madeUpGarden($number), madeUpGarden($number)];
        expect([$again->trouble, $again->celsius, $again->truth])->toEqual([$garden->trouble, $garden->celsius, $garden->truth]);
        foreach ([$garden->truth->speed, $garden->truth->births, $garden->truth->kill] as $off) {
            expect(exp($off))->toBeGreaterThanOrEqual(2.0 / 3.0)->toBeLessThanOrEqual(4.0 / 3.0);
        }
        $troubles[$garden->trouble] = true;
        expect((new Season($garden, [], [7]))->counts(7))->toBe((new Season($again, [], [7]))->counts(7));
    }
    expect(count($troubles))->toBe(5);
});

it('shows who sprays once and looks no more that it comes back', function (): void {
    $told = 0;
    for ($number = 0; $number < 40; ++$number) {
        $season = new Season(madeUpGarden($number), [1], []);
        expect(mistakesToldOf($season))->toBe($season->isOver() ? [] : [Mistake::OneAndDone]);
        $told += $season->isOver() ? 0 : 1;
    }
    expect($told)->toBeGreaterThan(30);
});

it('shows who stops at the first quiet week that two are wanted', function (): void {
    $told = 0;
    for ($number = 0; $number < 40; ++$number) {
        // Weekly, and no more once a look finds a third of the most that was found.
        $rounds = [1, 8];
        $season = new Season(madeUpGarden($number), $rounds, [15, 22]);
        $counts = $season->counts(56);
        if (! $season->isOver() && min($counts[15], $counts[22]) <= max([0, ...array_values($counts)]) / 3.0) {
            ++$told;
            expect(mistakesToldOf($season))->toContain(Mistake::StoppedAtQuiet);
        }
    }
    expect($told)->toBeGreaterThan(5);
});

it('shows who lets a generation pass between two rounds that they were too far apart', function (): void {
    $told = 0;
    for ($number = 0; $number < 40; ++$number) {
        $garden = madeUpGarden($number);
        $season = new Season($garden, [1, min(42, 2 + (int) ceil($garden->generation()))], []);
        if ($garden->generation() < 40.0 && ! $season->isOver()) {
            ++$told;
            expect(mistakesToldOf($season))->toContain(Mistake::TooWide);
        }
    }
    expect($told)->toBeGreaterThan(20);
});

it('tells who keeps the best of no mistake, and is never beaten by fewer rounds at the same days between', function (): void {
    for ($number = 0; $number < 12; ++$number) {
        $garden = madeUpGarden($number);
        $best = (new Season($garden, [], []))->best();
        $season = new Season($garden, $best->days, []);
        if ($best->ends()) {
            expect($season->left())->toBeLessThan(1.0)->and($season->mistakes())->toBe([]);
            // One round less, every four days from the first: it does not end it.
            $fewer = array_slice(range(0, TrainerLines::SPRAYED_UNTIL['value'], 4), 0, max(0, count($best->days) - 1));
            expect((new Season($garden, $fewer, []))->isOver())->toBeFalse();
        }
    }
});

it('counts before it is sprayed, and nothing of days to come', function (): void {
    $garden = madeUpGarden(3);
    expect((new Season($garden, [7], [7]))->counts(7))->toBe((new Season($garden, [], [7]))->counts(7))
        ->and(array_keys((new Season($garden, [], [7, 14, 30]))->counts(14)))->toBe([0, 7, 14]);
});
