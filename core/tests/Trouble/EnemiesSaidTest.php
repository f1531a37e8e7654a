<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\EnemiesReader;
use IdleMixer\Core\Trouble\EnemiesSaid;

it('takes what was said last, whoever said it, for as long as it holds', function (): void {
    $at = static fn(string $at): DateTimeImmutable => new DateTimeImmutable($at);
    $count = new EnemiesSaid($at('2026-06-03T18:00:00Z'), ['mummies' => 4]);
    $choice = new EnemiesSaid($at('2026-06-01T18:00:00Z'), ['ladybirds' => null]);
    expect(EnemiesSaid::latest([$count, $choice]))->toBe($count)->and(EnemiesSaid::latest([$choice, $count]))->toBe($count)->and(EnemiesSaid::latest([]))->toBeNull()
        // A week (our own).
        ->and($count->holding($at('2026-06-10T18:00:00Z')))->toBe(['mummies' => 4])->and($count->holding($at('2026-06-10T18:00:01Z')))->toBe([]);
});

it('reads yes and no of a count of before, and of nothing else', function (string $said): void {
    expect(EnemiesReader::ofCount(JsonText::parse($said), Enemies::shipped()))->toBe($said === 'true' ? ['others' => null] : [])
        ->and(static fn() => EnemiesReader::read(JsonText::parse($said), Enemies::shipped()))->toThrow(InvalidDocument::class, 'object');
})->with(['true', 'false']);
