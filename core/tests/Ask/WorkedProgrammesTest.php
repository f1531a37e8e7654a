<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Worked;
use IdleMixer\Core\Document\JsonText;

// Common practice, no source: neem is judged after a week; what is sprayed again before is judged together. By hand: 8 of 100 left are 92 % fewer.
it('tells of rounds that are judged together what they came to together, and of single ones nothing more', function (): void {
    $case = static fn(string $id, array $days, int $counted): array => [
        'id' => $id, 'pest' => 'aphids', 'plant' => 'rose',
        'rounds' => array_map(static fn(int $day): array => ['at' => "2026-05-0{$day}T18:00:00Z", 'recipe' => 'neem-leaf-quart'], $days),
        'counts' => [['at' => '2026-05-01T17:00:00Z', 'value' => 100], ['at' => "2026-05-{$counted}T18:00:00Z", 'value' => 8]],
    ];
    $because = static fn(array ...$cases): string => Worked::shipped()->answer(JsonText::parse(json_encode(['cases' => $cases], \JSON_THROW_ON_ERROR)))['records'][0]['because'];
    expect($because($case('two of them', [1, 4], 12)))->toContain(' two of them: Programme of 2 rounds. Worked: 92 % fewer, from 100 to 8')
        ->and($because($case('three of them', [1, 4, 7], 15)))->toContain(' three of them: Programme of 3 rounds. Worked: 92 % fewer, from 100 to 8')
        ->and($because($case('one of them', [1], 12)))->not->toContain('one of them');
});
