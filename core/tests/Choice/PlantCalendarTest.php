<?php

declare(strict_types=1);

use IdleMixer\Core\Schedule\PlantCalendar;

function day(?string $text): ?DateTimeImmutable
{
    return $text === null ? null : new DateTimeImmutable($text);
}

it('is in bloom from the first to the last day', function (?string $from, ?string $until, string $now, bool $blooms): void {
    expect(PlantCalendar::isInBloom(day($from), day($until), new DateTimeImmutable($now)))->toBe($blooms);
})->with([
    ['2026-06-01', '2026-06-10', '2026-05-31T23:59:59Z', false],
    ['2026-06-01', '2026-06-10', '2026-06-01T00:00:00Z', true],
    ['2026-06-01', '2026-06-10', '2026-06-10T23:59:59Z', true],
    ['2026-06-01', '2026-06-10', '2026-06-11T00:00:00Z', false],
    ['2026-06-01', null, '2027-01-01T00:00:00Z', true],
    [null, '2026-06-10', '2026-01-01T00:00:00Z', true],
    [null, null, '2026-06-05T00:00:00Z', false],
]);

it('counts as soon eaten in the fortnight before it is picked', function (?string $harvest, string $now, bool $soon): void {
    expect(PlantCalendar::isEatenSoon(day($harvest), new DateTimeImmutable($now)))->toBe($soon);
})->with([
    ['2026-06-24', '2026-06-09T23:00:00Z', false],
    ['2026-06-24', '2026-06-10T00:00:00Z', true],
    ['2026-06-24', '2026-06-24T20:00:00Z', true],
    ['2026-06-24', '2026-06-25T00:00:00Z', false],
    [null, '2026-06-10T00:00:00Z', false],
]);

// Oil and sulfur stay weeks apart (university extension pest notes, from memory): minded for thirty days. Copper and soap a week, oil on oil a
// week: common practice, no source.
it('knows what a plant had lately', function (string $had, string $now, bool $sulfur, bool $copper, bool $oil): void {
    $on = new DateTimeImmutable($had);
    $then = new DateTimeImmutable($now);
    expect([PlantCalendar::isSulfurLately($on, $then), PlantCalendar::isCopperLately($on, $then), PlantCalendar::isOilLately($on, $then)])->toBe([$sulfur, $copper, $oil])
        ->and([PlantCalendar::isSulfurLately(null, $then), PlantCalendar::isCopperLately(null, $then), PlantCalendar::isOilLately(null, $then)])->toBe([false, false, false]);
})->with([
    'the same day' => ['2026-06-01', '2026-06-01T08:00:00Z', true, true, true],
    'six days on' => ['2026-06-01', '2026-06-07T23:00:00Z', true, true, true],
    'a week on' => ['2026-06-01', '2026-06-08T00:00:00Z', true, true, false],
    'eight days on' => ['2026-06-01', '2026-06-09T00:00:00Z', true, false, false],
    'thirty days on' => ['2026-06-01', '2026-07-01T23:00:00Z', true, false, false],
    '31 days on' => ['2026-06-01', '2026-07-02T00:00:00Z', false, false, false],
]);
