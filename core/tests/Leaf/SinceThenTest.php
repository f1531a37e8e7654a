<?php

declare(strict_types=1);

use IdleMixer\Core\Leaf\SinceThen;
use IdleMixer\Core\Plant\Stage;

// Common practice, no source: leaves that stood dry or hot, and leaves of another time of the year, are other leaves.
it('takes a drought, a heat wave and a change of season since a leaf test for a reason to test once more', function (?string $dry, ?Stage $stage, ?string $said, array $since, ?string $hot = null): void {
    $on = static fn(?string $day): ?DateTimeImmutable => $day === null ? null : new DateTimeImmutable("{$day}T00:00:00Z");
    expect(SinceThen::onPlant(new DateTimeImmutable('2026-06-01T18:00:00Z'), $on($dry), $stage, $on($said), $on($hot)))->toBe($since);
})->with([
    'nothing was said' => [null, null, null, []],
    'dry a week later' => ['2026-06-08', null, null, [SinceThen::Drought]],
    'dry a week before' => ['2026-05-25', null, null, []],
    'dry on the day' => ['2026-06-01', null, null, []],
    'bare since' => [null, Stage::Bare, '2026-11-20', [SinceThen::Season]],
    'budding since' => [null, Stage::Budding, '2027-03-20', [SinceThen::Season]],
    'in leaf, as it was when its leaves were tested' => [null, Stage::InLeaf, '2026-07-01', []],
    'bare before' => [null, Stage::Bare, '2026-03-01', []],
    'in bloom is no season' => [null, Stage::InBloom, '2026-06-20', []],
    'a heat wave since' => [null, null, null, [SinceThen::Heat], '2026-06-20'],
    'a heat wave before' => [null, null, null, [], '2026-05-20'],
    'both' => ['2026-06-08', Stage::Bare, '2026-11-20', [SinceThen::Drought, SinceThen::Season]],
]);
