<?php

declare(strict_types=1);

use IdleMixer\Core\Photo\LeafPhoto;
use IdleMixer\Core\Photo\Reading;
use IdleMixer\Core\Photo\RefusedPicture;
use IdleMixer\Core\Tests\Support\Leaves\FlatLeaf;

/*
 * Leaves in flat colours without light or camera, whose patches are counted point by point: what is measured there is off by what the edges
 * of patches blur, a quarter of a point of percent at most.
 */
const SHEET = 0xF5F5F3;
const KRAFT = 0xBC9870;
const GREEN = 0x588434;
const DARK_GREEN = 0x2C5628;
const PURPLE = 0x5C2A48;
const YELLOW = 0xD4C43E;
const BROWN = 0x704828;
const BLEACHED = 0xE4DCC0;
const STRAW = 0xCAB27A;
const SOAKED = 0x2A401A;
const CREAM = 0xE8E8BC;

it('measures each tissue as it was counted', function (int $paper, int $blade, array $patches, array $tissue): void {
    /**
     * @var list<array{int, int, int, int, int}> $patches
     * @var array<string, int>                   $tissue
     */
    $leaf = FlatLeaf::of($paper, $blade, $patches);
    $found = LeafPhoto::measure($leaf->pixels);
    $expected = [...array_fill_keys(['yellow', 'brown', 'bleached', 'wet', 'missing'], 0.0), ...array_map($leaf->share(...), $tissue)];
    foreach ($expected as $code => $share) {
        expect($found->tissue[$code] ?? -1.0)->toEqualWithDelta($share, $code === 'wet' ? 0.5 : 0.25, "{$code} of what was measured");
    }
    $all = array_sum($expected);
    expect($found->injured)->toEqualWithDelta($all, 0.5)
        ->and($found->injured)->toEqualWithDelta(100.0 - ($found->tissue['healthy'] ?? 0.0), 1e-9)
        ->and($found->low)->toBeLessThanOrEqual($all)
        ->and($found->high)->toBeGreaterThanOrEqual($all)
        ->and($found->doubts)->toBe([]);
})->with([
    'nothing' => [SHEET, GREEN, [], []],
    'three brown spots' => [SHEET, GREEN, [[-20, -30, 12, 12, BROWN], [20, 30, 10, 14, BROWN], [0, 70, 16, 8, BROWN]], ['brown' => BROWN]],
    'yellow in the middle' => [SHEET, GREEN, [[0, 0, 24, 24, YELLOW]], ['yellow' => YELLOW]],
    'bleached in the middle' => [SHEET, GREEN, [[0, 0, 24, 24, BLEACHED]], ['bleached' => BLEACHED]],
    'straw on dark green' => [SHEET, DARK_GREEN, [[0, 40, 30, 16, STRAW]], ['bleached' => STRAW]],
    'a brown tip' => [SHEET, GREEN, [[0, -116, 60, 40, BROWN]], ['brown' => BROWN]],
    'a yellow margin' => [SHEET, GREEN, [[76, 0, 20, 60, YELLOW]], ['yellow' => YELLOW]],
    'a bleached margin' => [SHEET, GREEN, [[76, 0, 20, 60, BLEACHED]], ['bleached' => BLEACHED]],
    'a hole' => [SHEET, GREEN, [[0, 0, 18, 18, SHEET]], ['missing' => SHEET]],
    'brown on purple' => [SHEET, PURPLE, [[0, 0, 20, 20, BROWN]], ['brown' => BROWN]],
    'yellow on purple' => [SHEET, PURPLE, [[0, 0, 20, 20, YELLOW]], ['yellow' => YELLOW]],
    'bleached on purple' => [SHEET, PURPLE, [[0, 0, 20, 20, BLEACHED]], ['bleached' => BLEACHED]],
    'soaked' => [SHEET, GREEN, [[0, 0, 30, 30, SOAKED]], ['wet' => SOAKED]],
    'brown on a leaf that is mostly cream' => [SHEET, DARK_GREEN, [[76, 0, 60, 140, CREAM], [-76, 0, 60, 140, CREAM], [0, 0, 14, 14, BROWN]], ['brown' => BROWN]],
    'bleached on a leaf with cream' => [SHEET, DARK_GREEN, [[76, 0, 40, 140, CREAM], [-76, 0, 40, 140, CREAM], [0, 0, 10, 20, BLEACHED]], ['bleached' => BLEACHED]],
    'most of it' => [SHEET, GREEN, [[0, 30, 80, 90, BROWN]], ['brown' => BROWN]],
    'three kinds' => [SHEET, GREEN, [[0, -60, 20, 20, YELLOW], [0, 0, 20, 20, BROWN], [0, 60, 20, 20, BLEACHED]], ['yellow' => YELLOW, 'brown' => BROWN, 'bleached' => BLEACHED]],
]);

it('takes a ruler beside the leaf for none of it', function (): void {
    $leaf = FlatLeaf::of(SHEET, GREEN, [[0, 0, 24, 24, BROWN]], [[8, 40, 22, 280, 0xD8B878]]);
    expect(LeafPhoto::measure($leaf->pixels)->injured)->toEqualWithDelta($leaf->share(BROWN), 0.25);
});

it('takes the cream of a variegated leaf for healthy, and says that it may be wrong', function (): void {
    $found = LeafPhoto::measure(FlatLeaf::of(SHEET, GREEN, [[70, 0, 24, 80, CREAM], [-70, 0, 24, 80, CREAM]])->pixels);
    expect($found->injured)->toBe(0.0)->and($found->doubts)->toBe(['Hurt and healthy run into each other.']);
});

it('measures on wrapping paper, and is not sure', function (): void {
    $leaf = FlatLeaf::of(KRAFT, GREEN, [[0, 0, 24, 24, BROWN]]);
    $found = LeafPhoto::measure($leaf->pixels);
    expect($found->injured)->toEqualWithDelta($leaf->share(BROWN), 0.5)
        ->and($found->doubts)->toBe(['The paper is coloured: white paper shows the colours truly.'])
        // A point and a twentieth of the share either way, two and a half times as wide where it is unsure.
        ->and($found->high - $found->injured)->toBeGreaterThanOrEqual(2.5 * (1.0 + 0.05 * $found->injured) - 1e-9)
        ->and($found->injured - $found->low)->toBeGreaterThanOrEqual(2.5 * (1.0 + 0.05 * $found->injured) - 1e-9);
});

// What is left out counts for nothing: 4.8 % in spots of 12 by 12, 10 by 14 and 16 by 8 of 76 by 116, the first of them 1.6 %.
it('leaves out what the user leaves out, and heals what the user calls healthy', function (): void {
    $leaf = FlatLeaf::of(SHEET, GREEN, [[-20, -30, 12, 12, BROWN], [20, 30, 10, 14, BROWN], [0, 70, 16, 8, BROWN]]);
    $around = [0.5 - 20.0 / 240.0, 0.5 - 30.0 / 320.0, 14.0 / 320.0];
    $one = 100.0 * 12.0 * 12.0 / (76.0 * 116.0);
    $circle = 100.0 * 14.0 * 14.0 / (76.0 * 116.0);
    $all = $leaf->share(BROWN);
    expect(LeafPhoto::measure($leaf->pixels, new Reading(healthy: [$around]))->injured)->toEqualWithDelta($all - $one, 0.2)
        ->and(LeafPhoto::measure($leaf->pixels, new Reading(leaveOut: [$around]))->injured)->toEqualWithDelta(100.0 * ($all - $one) / (100.0 - $circle), 0.2)
        ->and(LeafPhoto::measure($leaf->pixels, new Reading(leaveOut: [$around], healthy: [[0.5, 0.5, 1.0]]))->injured)->toBe(0.0);
});

// By hand: a patch whose hue (104.5) lies just under the line (106) of this green may be hurt or not. Twice a point and a twentieth of the share,
// and the patch: 12.5 points for 9.5 %, 14.4 for 11.3 %. From 14 on it is called unsure (the house's own line).
it('is not sure where much of a leaf lies on the line', function (int $across, int $down, array $doubts): void {
    expect(LeafPhoto::measure(FlatLeaf::of(SHEET, GREEN, [[0, 0, $across, $down, 0x9A9A38]])->pixels)->doubts)->toBe($doubts);
})->with([[28, 30, []], [31, 32, ['Hurt and healthy run into each other.']]]);

it('counts more as hurt when it is read strictly, and less when it is read mildly', function (): void {
    $leaf = FlatLeaf::of(SHEET, GREEN, [[0, 0, 30, 30, 0x9A9A38]]);
    $share = static fn(float $strict): float => LeafPhoto::measure($leaf->pixels, new Reading($strict))->injured;
    expect($share(1.0))->toEqualWithDelta($leaf->share(0x9A9A38), 0.5)->and($share(-1.0))->toBe(0.0);
});

it('refuses a leaf of which nothing lives, a sheet without one, and two beside each other', function (int $blade, array $patches, array $beside, string $reason): void {
    /**
     * @var list<array{int, int, int, int, int}> $patches
     * @var list<array{int, int, int, int, int}> $beside
     */
    try {
        LeafPhoto::measure(FlatLeaf::of(SHEET, $blade, $patches, $beside)->pixels);
    } catch (RefusedPicture $refused) {
        expect($refused->reason)->toBe($reason);

        return;
    }
    expect('')->toBe($reason);
})->with([
    'all brown' => [BROWN, [], [], 'nothing-healthy'],
    'all bleached' => [STRAW, [], [], 'nothing-healthy'],
    'no leaf' => [SHEET, [], [], 'no-leaf'],
    'another green thing' => [GREEN, [], [[6, 40, 40, 280, GREEN]], 'two-leaves'],
]);
