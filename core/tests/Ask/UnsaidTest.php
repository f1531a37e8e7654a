<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Choose;
use IdleMixer\Core\Ask\Courses;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;

/*
 * What is taken where nobody said it: an ordinary leaf, a moderate trouble out of doors, anything in the cupboard; a first sight of
 * it, in the mild. Common practice, no source.
 */

/** @param array<string, mixed> $said */
function choiceOf(array $said): string
{
    return json_encode(Choose::shipped()->answer(JsonText::parse(json_encode(['trouble' => 'aphids', ...$said], \JSON_THROW_ON_ERROR))), \JSON_THROW_ON_ERROR);
}

/** @param array<string, mixed> $said */
function programmeOf(array $said): string
{
    return json_encode(Courses::shipped()->answer(JsonText::parse(json_encode(['trouble' => 'aphids', 'methods' => ['plain-soap'], 'start' => '2026-05-01', 'zone' => 'UTC', ...$said], \JSON_THROW_ON_ERROR))), \JSON_THROW_ON_ERROR);
}

it('chooses for what a gardener mostly has', function (string $key, mixed $usual, mixed $another): void {
    expect(choiceOf([$key => $usual]))->toBe(choiceOf([]))->and(choiceOf([$key => null]))->toBe(choiceOf([]))
        ->and(choiceOf([$key => $another]))->not->toBe(choiceOf([]));
})->with([
    'a leaf' => ['plant', 'ordinary-leaf', 'hairy-leaf'],
    'how bad it is' => ['severity', 'moderate', 'light'],
    'a place' => ['indoors', false, true],
    'flags' => ['flags', [], ['in-flower']],
    'a cupboard' => ['cupboard', null, ['baking-soda']],
]);

it('lays out rounds for what a gardener mostly has', function (string $key, mixed $usual, mixed $another): void {
    expect(programmeOf([$key => $usual]))->toBe(programmeOf([]))->and(programmeOf([$key => null]))->toBe(programmeOf([]))
        ->and(programmeOf([$key => $another]))->not->toBe(programmeOf([]));
})->with([
    'how much of it there is' => ['pressure', 'moderate', 'prevention'],
    'a plant' => ['plant', null, ['kind' => 'red maple', 'flags' => ['dry-root']]],
    'what was recorded' => ['record', [], [['on' => '2026-05-01', 'kind' => 'round']]],
]);

it('takes a temperature of this world, to its bounds', function (float $celsius, bool $taken): void {
    $asked = static fn(): string => programmeOf(['temperature_C' => $celsius]);
    $taken ? expect($asked())->toContain('entries') : expect($asked)->toThrow(InvalidDocument::class, 'Expected -40 to 60 °C, found ' . $celsius . '.');
})->with([[-40, true], [-41, false], [60, true], [61, false]]);
