<?php

declare(strict_types=1);

use IdleMixer\Core\Population\Kill;
use IdleMixer\Core\Population\Reach;
use IdleMixer\Core\Population\Stage;

/*
 * How much of what is there a household's sprays reach, written down and reckoned by hand before the rule. Common practice, no source: 80 % of
 * the leaves until its own rounds say otherwise; three rounds of doubt. A round that took half of what is usual reached half of what is usual.
 */

it('is 80 % until the household’s own rounds say otherwise', function (array $rounds, float $percent): void {
    /** @var list<array{float, float}> $rounds percent that each took, and that is usual of its spray */
    expect(Reach::of($rounds)->percent)->toEqualWithDelta($percent, 0.05)->and(Reach::of($rounds)->rounds)->toBe(count($rounds));
})->with([
    'no round yet' => [[], 80.0],
    // 80 x (3 + 3 x 75/75) / 6
    'three that took what is usual' => [[[75.0, 75.0], [75.0, 75.0], [75.0, 75.0]], 80.0],
    // 80 x (3 + 3 x 37.5/75) / 6
    'three that took half of it' => [[[37.5, 75.0], [37.5, 75.0], [37.5, 75.0]], 60.0],
    // 80 x (3 + 0.5) / 4
    'one that took half of it' => [[[37.5, 75.0]], 70.0],
    // 80 x (3 + 1.2 + 0.8) / 5
    'one better and one worse' => [[[78.0, 65.0], [60.0, 75.0]], 80.0],
    // 80 x (3 + 6 x 95/75) / 9
    'six that took nearly all' => [array_fill(0, 6, [95.0, 75.0]), 94.22],
    // 80 x (3 + 0) / 12
    'nine that took nothing' => [array_fill(0, 9, [0.0, 75.0]), 20.0],
    'twenty that took nothing: some is always reached' => [array_fill(0, 20, [0.0, 75.0]), 20.0],
    'more after it than before is nothing taken' => [[[-50.0, 75.0], [-50.0, 75.0], [-50.0, 75.0]], 40.0],
    'no more than all of it' => [array_fill(0, 30, [99.0, 65.0]), 100.0],
]);

it('kills by what is reached, and never all', function (float $percent, float $usual, float $kills): void {
    $reach = Reach::of($percent === 80.0 ? [] : array_fill(0, 997, [$percent / 80.0 * 75.0, 75.0]));
    expect($reach->percent)->toEqualWithDelta($percent, 0.2)
        ->and((new Kill([Stage::Adult->value => $usual]))->reaching($reach)->of(Stage::Adult))->toEqualWithDelta($kills, 0.003)
        ->and((new Kill([Stage::Adult->value => $usual]))->reaching($reach)->of(Stage::Egg))->toBe(0.0);
})->with([
    'as usual' => [80.0, 0.75, 0.75],
    'half of it' => [40.0, 0.75, 0.375],
    // 0.75 x 100 / 80
    'all of the leaves' => [100.0, 0.75, 0.9375],
    'some always live' => [100.0, 0.85, 0.98],
]);
