<?php

declare(strict_types=1);

use IdleMixer\Core\Batch\BottleLine;
use IdleMixer\Core\Batch\BottleLineKind;
use IdleMixer\Core\Batch\Remaining;

// Reckoned by hand: half of what stands there is half of what was left at that moment.
it('reckons what is left through what was sprayed and what was lost, in their order', function (float $mixed, array $lost, array $sprayed, float $left): void {
    /**
     * @var array<int, float> $lost
     * @var array<int, float> $sprayed
     */
    $at = static fn(int $minute): DateTimeImmutable => (new DateTimeImmutable('2026-06-01T18:00:00Z'))->modify("+{$minute} minutes");
    $lines = array_map(static fn(int $minute, float $share): BottleLine => new BottleLine((string) $minute, BottleLineKind::Spilled, $at($minute), 1, lost: $share), array_keys($lost), $lost);
    $rounds = array_map(static fn(int $minute, float $ml): array => [$at($minute), $ml], array_keys($sprayed), $sprayed);
    expect(Remaining::of($mixed, $lines, $rounds))->toEqualWithDelta($left, 1e-9);
})->with([
    'all of it' => [1000.0, [], [], 1000.0],
    'some sprayed' => [1000.0, [], [10 => 400.0, 20 => 100.0], 500.0],
    'half spilled: what is told is what stands there after it' => [500.0, [10 => 0.5], [], 500.0],
    'half spilled, then some sprayed' => [500.0, [10 => 0.5], [20 => 200.0], 300.0],
    'half sprayed, then half of the rest spilled' => [500.0, [20 => 0.5], [10 => 500.0], 250.0],
    'half spilled, some sprayed, half spilled again' => [250.0, [10 => 0.5, 30 => 0.5], [20 => 200.0], 150.0],
    'more sprayed than there was' => [1000.0, [], [10 => 1200.0], 0.0],
    'more sprayed than there was, and then spilled' => [500.0, [20 => 0.5], [10 => 1200.0], 0.0],
    'all spilled' => [0.0, [10 => 1.0], [], 0.0],
]);
