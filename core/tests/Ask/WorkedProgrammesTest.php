<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Worked;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;

/** @param list<int> $days of May on which neem was sprayed */
function saidOfNeem(string $case, array $days, int $counted): string
{
    $rounds = array_map(static fn(int $day): array => ['at' => "2026-05-0{$day}T18:00:00Z", 'recipe' => 'neem-leaf-quart'], $days);
    $counts = [['at' => '2026-05-01T17:00:00Z', 'value' => 100], ['at' => "2026-05-{$counted}T18:00:00Z", 'value' => 8]];
    $document = ['cases' => [['id' => $case, 'pest' => 'aphids', 'plant' => 'rose', 'rounds' => $rounds, 'counts' => $counts]]];

    return Worked::shipped()->answer(JsonText::parse(json_encode($document, \JSON_THROW_ON_ERROR)))['records'][0]['because'] ?? '';
}

// A spray of one's own may be called by one letter, and by none it is none.
it('takes a spray by a name of one letter', function (string $recipe, bool $taken): void {
    $document = ['cases' => [['id' => 'a', 'pest' => 'aphids', 'plant' => 'rose', 'rounds' => [['at' => '2026-05-01T18:00:00Z', 'recipe' => $recipe, 'fairLookHours' => 24]], 'counts' => [['at' => '2026-05-01T17:00:00Z', 'value' => 100], ['at' => '2026-05-03T18:00:00Z', 'value' => 8]]]]];
    $path = '';
    try {
        expect(Worked::shipped()->answer(JsonText::parse(json_encode($document, \JSON_THROW_ON_ERROR)))['records'])->toHaveCount(1);
    } catch (InvalidDocument $refused) {
        $path = $refused->path();
    }
    expect($path)->toBe($taken ? '' : '/cases/0/rounds/0/recipe');
})->with([['x', true], ['', false]]);

// Common practice, no source: neem is judged after a week; what is sprayed again before is judged together. By hand: 8 of 100 left are 92 % fewer.
it('tells of rounds that are judged together what they came to together, and of single ones nothing more', function (): void {
    expect(saidOfNeem('two of them', [1, 4], 12))->toContain(' two of them: Programme of 2 rounds. It worked: 92 % fewer, from 100 to 8')
        ->and(saidOfNeem('three of them', [1, 4, 7], 15))->toContain(' three of them: Programme of 3 rounds. It worked: 92 % fewer, from 100 to 8')
        ->and(saidOfNeem('one of them', [1], 12))->not->toContain('one of them')->toContain('Worked in 1 of 1');
});
