<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\Counted;
use IdleMixer\Core\Evidence\Formula;
use IdleMixer\Core\Evidence\Kept;
use IdleMixer\Core\Evidence\LeafCounts;
use IdleMixer\Core\Evidence\Sprayed;
use IdleMixer\Core\Evidence\Trial;

/** A round of the first of June with what was counted before it, after it, and on the plant left alone. */
function roundWith(?float $before, ?float $after, ?float $aloneBefore = null, ?float $aloneAfter = null): Trial
{
    $day = static fn(int $day): DateTimeImmutable => new DateTimeImmutable("2026-06-0{$day}T08:00:00Z");
    $of = static fn(?float $value, int $at, bool $alone): ?Counted => $value === null ? null : new Counted($day($at), $value, $alone);

    return new Trial($day(1), new Sprayed($day(1), 72.0, 'soap'), 1, $of($before, 1, false), $of($after, 4, false), $of($aloneBefore, 1, true), $of($aloneAfter, 4, true), 0.0, false, null);
}

// Abbott (1925) needs what was left alone after, Henderson and Tilton (1955) before and after; with less than ten there it compares
// nothing (ours), and with none before there is nothing that could have become fewer.
it('works out by what was counted', function (Trial $trial, ?Formula $formula): void {
    expect($trial->formula())->toBe($formula);
})->with([
    'before and after' => [roundWith(40, 10), Formula::BeforeAfter],
    'one before' => [roundWith(1, 0), Formula::BeforeAfter],
    'half of one before, as a mean' => [roundWith(0.5, 0), Formula::BeforeAfter],
    'none before' => [roundWith(0, 0), null],
    'nothing after' => [roundWith(40, null), null],
    'after only' => [roundWith(null, 10), null],
    'after, and alone' => [roundWith(null, 10, null, 40), Formula::Abbott],
    'after, and ten alone' => [roundWith(null, 10, null, 10), Formula::Abbott],
    'after, and nine alone' => [roundWith(null, 10, null, 9), null],
    'all four' => [roundWith(40, 10, 40, 50), Formula::HendersonTilton],
    'nine alone before' => [roundWith(40, 10, 9, 50), Formula::BeforeAfter],
    'alone before only' => [roundWith(40, 10, 40, null), Formula::BeforeAfter],
]);

it('adds nothing to the sums where nothing can be worked out', function (): void {
    expect(roundWith(40, 10)->kept()?->log)->toEqualWithDelta(log(10.5 / 40.5), 1e-9)
        ->and(roundWith(0, 0)->kept())->toBeNull()
        ->and(roundWith(40, null)->kept())->toBeNull()
        ->and(roundWith(null, 10)->kept())->toBeNull();
});

// By hand: a total of t lies 1 / (t + 1/2) off by chance; clumps of a negative binomial add 1 / (k n) for n leaves, and where only a total is
// known, for ten.
it('is less sure of one leaf, of leaves without any, and of what sits in clumps', function (?array $each, float $value, float $variance): void {
    /** @var list<float>|null $each */
    $count = new Counted(new DateTimeImmutable('2026-06-01T20:00:00Z'), $value, false, $each === null ? null : LeafCounts::of($each));
    expect(Kept::of(null, $count, null, null)->variance(Clumping::usual()))->toEqualWithDelta($variance, 1e-9)
        ->and(Kept::of($count, $count, null, null)->variance(Clumping::usual()))->toEqualWithDelta(2 * $variance, 1e-9);
})->with([
    'one leaf' => [[10.0], 10.0, 1 / 10.5 + 1.0],
    'four without any' => [[0.0, 0.0, 0.0, 0.0], 0.0, 2.0 + 0.25],
    'one without any' => [[0.0], 0.0, 2.0 + 1.0],
    'ten on four leaves, told as 25 on ten' => [[1.0, 2.0, 3.0, 4.0], 25.0, 1 / 10.5 + 0.25],
    'a total alone' => [null, 10.0, 1 / 10.5 + 0.1],
]);
