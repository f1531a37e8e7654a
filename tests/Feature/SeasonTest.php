<?php

declare(strict_types=1);

use Tests\Feature\Answer;
use Tests\Feature\Notebook;

/** @param array<string, mixed> $more */
function madeUpSeasonOf(array $more): Answer
{
    return Notebook::post('/api/seasons', ['garden' => 4, 'rounds' => [], 'looks' => [], 'until' => 0, ...$more]);
}

it('tells of a season what was looked at so far, and what came of it at its end', function (): void {
    $begun = madeUpSeasonOf([]);
    expect($begun->status)->toBe(200)->and($begun->list('counts'))->toHaveCount(1)->and($begun->at('end'))->toBeNull();
    $half = madeUpSeasonOf(['rounds' => [14, 2], 'looks' => [14, 2, 14], 'until' => 20]);
    expect(array_column($half->list('counts'), 'day'))->toBe([0, 2, 14])->and($half->at('end'))->toBeNull();
    $over = madeUpSeasonOf(['rounds' => [2], 'looks' => [], 'until' => 56]);
    expect($over->list('end.truth'))->toHaveCount(57)->and($over->list('end.best.truth'))->toHaveCount(57)
        ->and(array_column($over->list('end.mistakes'), 'name'))->toBe(['one-and-done'])
        ->and($over->text('end.best.words'))->toContain('rounds');
    // Who keeps the best of it is told that it is gone, and of no mistake.
    $kept = madeUpSeasonOf(['rounds' => $over->list('end.best.rounds'), 'until' => 56]);
    expect($kept->text('end.words'))->toStartWith('Gone')->and($kept->list('end.mistakes'))->toBe([]);
});

it('says what is wrong with a season that cannot be', function (array $more, string $path): void {
    /** @var array<string, mixed> $more */
    $refused = madeUpSeasonOf($more);
    expect($refused->status)->toBe(422)->and($refused->text('error.path'))->toBe($path);
})->with([
    [['garden' => -1], '/garden'],
    [['garden' => 1e300], '/garden'],
    [['until' => 57], '/until'],
    [['rounds' => [5], 'until' => 4], '/rounds/0'],
    [['rounds' => [43], 'until' => 56], '/rounds/0'],
    [['looks' => ['soon']], '/looks/0'],
    [['rounds' => 'often'], '/rounds'],
    [['looks' => range(0, 99)], '/looks'],
    [['more' => 1], '/more'],
]);
