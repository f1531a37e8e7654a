<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\ChoiceFinding;
use IdleMixer\Core\Phrase\LineFinding;
use IdleMixer\Core\Vessel\MemoryFinding;
use IdleMixer\Core\Weather\HourFinding;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\StepCode;

/*
 * Whatever may be found has its sentence, and every sentence is of something that may be found: a case that is forgotten in one
 * of the two is named here.
 */

/** @return array<string, array{list<BackedEnum>, list<string>, list<string>}> cases, keys of sentences, what stands on one side only */
function findingsAndSentences(): array
{
    return [
        // What a window is, beside what speaks against an hour.
        'hours' => [HourFinding::cases(), array_keys(Say::all('hours')), ['dark-from', 'good']],
        // What the bench finds has the sentence of the bench; that nothing is proposed is no finding of one spray.
        'choice' => [ChoiceFinding::cases(), [...array_keys(Say::all('choice-reasons')), ...array_keys(Say::all('exclusions'))], ['bench', 'wait-for-winter', 'none-now', 'no-spray-works']],
        'lines' => [LineFinding::cases(), array_keys(Say::all('remarks')), []],
        'steps' => [StepCode::cases(), array_keys(Say::all('steps')), []],
        'memories' => [MemoryFinding::cases(), array_map(strval(...), array_keys(Say::words('memories'))), []],
    ];
}

it('has a sentence for each of them, and none of nothing', function (string $which): void {
    [$cases, $sentences, $besides] = findingsAndSentences()[$which];
    $codes = array_map(static fn(BackedEnum $case): string => (string) $case->value, $cases);
    $told = array_unique(array_map(static fn(string $key): string => explode('/', $key)[0], $sentences));

    expect(array_values(array_diff($told, $besides)))->toEqualCanonicalizing(array_values(array_diff($codes, $besides)));
})->with(['hours', 'choice', 'lines', 'steps', 'memories']);
