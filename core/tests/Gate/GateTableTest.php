<?php

declare(strict_types=1);

use IdleMixer\Core\Tests\Support\GateRows;
use IdleMixer\Core\Tests\Support\Gates;

/*
 * What a careful grower answers to "may this spray go on this plant now", written down before the code. Common practice, no source,
 * but for the waits to picking and the kinds of plants (labels and handbooks, from memory). What is not asked of a row is a grown
 * plant outdoors, a spray that is planned, nothing had, and a clean leaf test of the very spray ten days ago.
 */

it('answers as a careful grower does', function (array|string $spray, array $plant, array $more, string $level, array $codes, array $not = []): void {
    /**
     * @var array<string, mixed>|string $spray
     * @var array<string, mixed>        $plant
     * @var array<string, mixed>        $more
     * @var list<string>                $codes
     * @var list<string>                $not
     */
    $answer = Gates::ask($spray, $plant, $more);
    expect($answer->level)->toBe($level, $answer->told())->and($answer->codes())->toContain(...$codes);
    foreach ($not as $code) {
        expect($answer->codes())->not->toContain($code);
    }
    // Every reason names one thing to do, and the worst stands first.
    foreach ($answer->reasons as $reason) {
        expect($reason['remedy'])->not->toBe('', $reason['code']);
    }
    expect($answer->level)->toBe($answer->reasons[0]['level'] ?? 'ok');
})->with(fn(): array => GateRows::all());

// How proven it is, in one word.
it('says how far it is proven', function (array|string $spray, array $tests, string $proven): void {
    /** @var array<string, mixed>|string $spray */
    expect(Gates::ask($spray, ['kind' => 'rose'], ['tests' => $tests])->proven)->toBe($proven);
})->with([
    'clean' => ['plain-soap', [Gates::clean('plain-soap')], 'yes'],
    'clean, long ago' => ['plain-soap', [[...Gates::clean('plain-soap'), 'daysAgo' => 90]], 'faded'],
    'clean, and the season has changed' => ['plain-soap', [[...Gates::clean('plain-soap'), 'sinceThen' => ['season']]], 'faded'],
    'nothing' => ['plain-soap', [], 'no'],
    'marked' => ['plain-soap', [[...Gates::clean('plain-soap'), 'worstPercent' => 30]], 'no'],
    'an old proof beside a new one' => ['plain-soap', [[...Gates::clean('plain-soap'), 'daysAgo' => 90], Gates::clean('plain-soap')], 'yes'],
    'of this bottle, whose spoons nobody ticked' => [['recipe' => 'plain-soap', 'bottle' => ['madeHoursAgo' => 60, 'ticked' => 'none', 'sprayerHadWeedKiller' => false]], [[...Gates::clean('plain-soap'), 'daysAgo' => 2, 'thisBottle' => true]], 'this-bottle-only'],
    'of another bottle, and nobody ticked the spoons of this' => [['recipe' => 'plain-soap', 'bottle' => ['madeHoursAgo' => 60, 'ticked' => 'none', 'sprayerHadWeedKiller' => false]], [Gates::clean('plain-soap')], 'no'],
]);

// Labels, from memory.
it('says from when on it may be picked', function (array|string $spray, array $plant, float $days): void {
    /**
     * @var array<string, mixed>|string $spray
     * @var array<string, mixed>        $plant
     */
    expect(Gates::ask($spray, ['kind' => 'rose', ...$plant], [])->pickFromDays)->toBe($days);
})->with([
    'soap' => ['plain-soap', [], 0.0],
    'refined oil' => ['fine-paraffin-mist', [], 1.0],
    'neem' => ['mild-neem', [], 1.0],
    'neem, eaten raw' => ['mild-neem', ['flags' => ['eaten-raw']], 3.0],
    'essential oil' => ['mint-mask', [], 3.0],
    'soda and a little detergent' => ['soda-leaf-spray', [], 1.0],
    'detergent that is there to kill' => ['mild-soap', [], 3.0],
    'alcohol' => ['mild-alcohol', [], 1.0],
    'egg milk' => ['egg-and-oil-milk', [], 7.0],
    'egg milk, eaten raw' => ['egg-and-oil-milk', ['flags' => ['eaten-raw']], 14.0],
]);
