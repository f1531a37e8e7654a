<?php

declare(strict_types=1);

use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Weather\SprayWants;
use IdleMixer\Core\Weather\Want;

// Common practice, no source: strong or salty sprays want a cool leaf, oils no heat and no frost; a splash of soap that only holds
// the oil makes no soap spray of it; what is poured or put on wood wants the weather of soil and wood.
it('knows what in a spray wants weather of its own', function (string $slug, array $whats): void {
    $recipe = RecipeCatalogue::shipped()->get($slug);
    $spray = SprayWants::shipped()->of((new Formulator())->onBasis($recipe), $recipe->use);
    expect(array_map(static fn(Want $want): string => $want->what, $spray->wants))->toEqualCanonicalizing($whats);
})->with([
    ['plain-soap', ['soap']],
    ['mild-soap', ['detergent']],
    ['neem-leaf-quart', ['neem']],
    ['castile-and-kitchen-oil', ['oil', 'soap']],
    ['fine-paraffin-mist', ['oil']],
    ['soda-and-oil-by-the-book', ['soda', 'oil']],
    ['soda-and-neem', ['soda', 'neem']],
    ['peroxide-in-turn', ['peroxide']],
    ['rosemary-mist', ['essential']],
    ['egg-and-oil-milk', ['egg', 'oil']],
    // Its neem is a trace.
    ['half-alcohol-swab', ['alcohol']],
    ['winter-wood-oil', ['wood']],
    ['empty-bed-neem-drench', ['soil']],
]);

it('has limits that stand in their order, each with its source', function (string $what): void {
    /** @var array<string, array{hot: array{value: float}, warm: array{value: float}, cold: array{value: float}, cool: array{value: float}, dry: array{value: float}, safe: array{value: float}, frost: array{value: float}, mild: array{value: float}}> $rows */
    $rows = require dirname(__DIR__, 2) . '/data/spray-hours.php';
    $row = $rows[$what];
    expect($row['cold']['value'])->toBeLessThanOrEqual($row['cool']['value'])
        ->and($row['cool']['value'])->toBeLessThan($row['warm']['value'])
        ->and($row['warm']['value'])->toBeLessThan($row['hot']['value'])
        ->and($row['dry']['value'])->toBeLessThanOrEqual($row['safe']['value'])
        ->and($row['frost']['value'])->toBeLessThanOrEqual($row['mild']['value']);
})->with(['oil', 'neem', 'soap', 'detergent', 'soda', 'alcohol', 'peroxide', 'essential', 'egg', 'wood', 'soil', 'water']);

// University extension pest notes on oil, from memory: not above 32 °C, not near freezing. Common practice, no source: strong or salty
// sprays under 24 to 27 °C of leaf; winter oil with no frost for two days; oil shrugs off a little light rain, soap and neem do not.
it('holds each thing to the figures of practice', function (): void {
    /** @var array<string, array<string, array{value: float|int}|bool>> $rows */
    $rows = require dirname(__DIR__, 2) . '/data/spray-hours.php';
    $value = static fn(string $what, string $key): float => is_array($rows[$what][$key]) ? (float) $rows[$what][$key]['value'] : -1.0;
    expect([$value('oil', 'hot'), $value('neem', 'hot'), $value('oil', 'cold')])->toBe([32.0, 32.0, 4.0])
        ->and([$value('soap', 'warm'), $value('soap', 'hot'), $value('soda', 'hot')])->toBe([24.0, 27.0, 27.0])
        ->and([$rows['soap']['leaf'], $rows['oil']['leaf']])->toBe([true, false])
        ->and($value('wood', 'frost'))->toBe(48.0)
        ->and($value('oil', 'light'))->toBeGreaterThan(0.0)
        ->and([$value('soap', 'light'), $value('neem', 'light')])->toBe([0.0, 0.0]);
});

// How long it has to stay dry, for how long that is safe, and how long no frost may come: the house's own reading of “oil shrugs off a
// little light rain, a real shower washes soap and neem off”. What is weakest in a spray wants nothing of its own below `from`.
it('wants each thing to stay dry, and without frost, as long as was written down for it', function (string $what, float $from, float $dry, float $safe, float $frost, float $mild): void {
    /** @var array<string, array<string, array{value: float|int}>> $rows */
    $rows = require dirname(__DIR__, 2) . '/data/spray-hours.php';
    expect(array_map(static fn(string $key): float => (float) ($rows[$what][$key]['value'] ?? -1.0), ['from', 'dry', 'safe', 'frost', 'mild']))->toBe([$from, $dry, $safe, $frost, $mild]);
})->with([
    ['oil', 0.1, 4.0, 8.0, 24.0, 36.0],
    ['neem', 0.1, 6.0, 24.0, 24.0, 36.0],
    ['soap', 0.5, 4.0, 8.0, 12.0, 24.0],
    ['detergent', 0.2, 4.0, 8.0, 12.0, 24.0],
    ['soda', 0.1, 12.0, 24.0, 12.0, 24.0],
    ['alcohol', 0.1, 2.0, 4.0, 12.0, 24.0],
    ['peroxide', 0.05, 2.0, 4.0, 12.0, 24.0],
    ['essential', 0.05, 4.0, 12.0, 12.0, 24.0],
    ['egg', 0.0, 4.0, 12.0, 12.0, 24.0],
    ['wood', 0.0, 12.0, 24.0, 48.0, 48.0],
    ['soil', 0.0, 0.0, 0.0, 0.0, 12.0],
    ['water', 0.0, 0.0, 0.0, 6.0, 12.0],
]);

it('wants heat and cold kept from each thing as was written down for it', function (string $what, float $hot, float $warm, float $cold, float $cool): void {
    /** @var array<string, array<string, array{value: float|int}>> $rows */
    $rows = require dirname(__DIR__, 2) . '/data/spray-hours.php';
    expect(array_map(static fn(string $key): float => (float) ($rows[$what][$key]['value'] ?? -1.0), ['hot', 'warm', 'cold', 'cool']))->toBe([$hot, $warm, $cold, $cool]);
})->with([
    ['oil', 32.0, 29.0, 4.0, 7.0],
    ['neem', 32.0, 29.0, 4.0, 7.0],
    ['soap', 27.0, 24.0, 4.0, 10.0],
    ['detergent', 27.0, 24.0, 4.0, 10.0],
    ['soda', 27.0, 24.0, 4.0, 10.0],
    ['alcohol', 32.0, 29.0, 4.0, 10.0],
    ['essential', 32.0, 29.0, 4.0, 10.0],
    ['wood', 32.0, 29.0, 4.0, 4.0],
    ['soil', 38.0, 34.0, 1.0, 4.0],
    ['water', 34.0, 32.0, 1.0, 4.0],
]);
