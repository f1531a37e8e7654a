<?php

declare(strict_types=1);

use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Quantity\Temperature;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Season;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\Sentences;

function planUnder(string $recipe, Circumstances $circumstances, ?string $plant = null): Plan
{
    return Plans::under(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L'], ...($plant === null ? [] : ['plant' => $plant])], $circumstances);
}

function levelUnder(string $recipe, Circumstances $circumstances, string $code, ?string $plant = null): ?Level
{
    foreach (planUnder($recipe, $circumstances, $plant)->verdicts as $verdict) {
        if ($verdict->code === $code) {
            expect(strlen(Sentences::shipped()->verdict($verdict)))->toBeGreaterThan(30);

            return $verdict->level;
        }
    }

    return null;
}

// University extension pest notes (from memory): no oil above about 32 °C, nor near freezing.
it('stops oil in heat and cold, and warns of soap in the warm', function (string $recipe, float $celsius, Level $level): void {
    expect(levelUnder($recipe, new Circumstances(air: Temperature::ofCelsius($celsius)), 'temperature'))->toBe($level);
})->with([
    ['neem-leaf-quart', 32.0, Level::Caution],
    ['neem-leaf-quart', 33.0, Level::Stop],
    ['neem-leaf-quart', 20.0, Level::Ok],
    ['neem-leaf-quart', 4.0, Level::Ok],
    ['neem-leaf-quart', 3.0, Level::Stop],
    // Common practice, no source: keep leaves with strong surfactants under 24 to 27 °C.
    ['mild-soap', 27.0, Level::Ok],
    ['mild-soap', 28.0, Level::Caution],
    // What has no oil in it is not stopped as oil is.
    ['mild-soap', 36.0, Level::Caution],
    ['mild-soap', 2.0, Level::Ok],
    ['mild-alcohol', 36.0, Level::Ok],
]);

// Common practice, no source: a leaf bears 1.6 % of oil in any seven days, and a round that is rinsed off counts a quarter.
it('counts what a leaf gets of oil in a week, as practice repeats and rinses it', function (string $recipe, ?float $every, ?Level $level, ?bool $rinsed = null): void {
    expect(levelUnder($recipe, new Circumstances(everyDays: $every, rinsed: $rinsed), 'repeated'))->toBe($level);
})->with([
    'kitchen oil every two days, rinsed on the days between, as practised when it is bad' => ['castile-and-kitchen-oil', 2.0, Level::Caution, true],
    'the same weekly, as practised when it is light' => ['castile-and-kitchen-oil', null, null],
    'the same once a fortnight' => ['castile-and-kitchen-oil', 14.0, null],
    'daily mint oil' => ['mint-oil-by-the-cup', 1.0, Level::Stop],
    'neem weekly' => ['neem-leaf-quart', null, null],
    '1 % every week' => ['fine-paraffin-mist', 7.0, null],
    'neem three times a week' => ['beetle-neem', 2.3, Level::Caution],
    'neem on beetles, as often as its school has it' => ['beetle-neem', null, null],
]);

it('stops a spray on open bloom, and minds the harvest', function (): void {
    expect(levelUnder('mild-soap', new Circumstances(inFlower: true), 'in-flower'))->toBe(Level::Stop)
        ->and(levelUnder('mild-soap', new Circumstances(pickedInDays: 2.0), 'picked-soon'))->toBe(Level::Caution)
        ->and(levelUnder('mild-soap', new Circumstances(pickedInDays: 3.0), 'picked-soon'))->toBe(Level::Ok)
        ->and(levelUnder('mild-soap', new Circumstances(), 'in-flower'))->toBeNull()
        ->and(levelUnder('empty-bed-neem-drench', new Circumstances(inFlower: true), 'in-flower'))->toBeNull();
});

it('stops a winter oil in the growing season', function (): void {
    expect(levelUnder('winter-wood-oil', new Circumstances(season: Season::Growing), 'season'))->toBe(Level::Stop)
        ->and(levelUnder('winter-wood-oil', new Circumstances(season: Season::Dormant), 'season'))->toBeNull();
});

it('stops the winter oil on bare wood, too, once the buds have broken', function (): void {
    expect(levelUnder('winter-wood-oil', new Circumstances(season: Season::Growing), 'season', 'dormant-wood'))->toBe(Level::Stop);
});
