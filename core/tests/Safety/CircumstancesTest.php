<?php

declare(strict_types=1);

use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Temperature;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Season;
use IdleMixer\Core\Safety\Target;
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
]);

// Common practice, no source: 1 % may be repeated after seven days, 2 % may not; 2.9 % every two days is far too much.
it('counts what a leaf gets of oil in a week', function (string $recipe, ?float $every, Level $level): void {
    expect(levelUnder($recipe, new Circumstances(everyDays: $every), 'repeated'))->toBe($level);
})->with([
    'kitchen oil every two days, as practised' => ['castile-and-kitchen-oil', null, Level::Stop],
    'the same, said' => ['castile-and-kitchen-oil', 2.0, Level::Stop],
    'the same, once a fortnight' => ['castile-and-kitchen-oil', 14.0, Level::Ok],
    'daily mint oil' => ['mint-oil-by-the-cup', null, Level::Stop],
    'neem weekly' => ['neem-leaf-quart', null, Level::Ok],
    '1 % every week' => ['fine-paraffin-mist', 7.0, Level::Ok],
    'neem three times a week' => ['beetle-neem', null, Level::Caution],
]);

it('stops a spray on open bloom, and minds the harvest', function (): void {
    expect(levelUnder('mild-soap', new Circumstances(inFlower: true), 'in-flower'))->toBe(Level::Stop)
        ->and(levelUnder('mild-soap', new Circumstances(pickedInDays: 3.0), 'picked-soon'))->toBe(Level::Caution)
        ->and(levelUnder('mild-soap', new Circumstances(pickedInDays: 30.0), 'picked-soon'))->toBe(Level::Ok)
        ->and(levelUnder('mild-soap', new Circumstances(), 'in-flower'))->toBeNull()
        ->and(levelUnder('empty-bed-neem-drench', new Circumstances(inFlower: true), 'in-flower'))->toBeNull();
});

it('stops a winter oil in the growing season', function (): void {
    expect(levelUnder('winter-wood-oil', new Circumstances(season: Season::Growing), 'season'))->toBe(Level::Stop)
        ->and(levelUnder('winter-wood-oil', new Circumstances(season: Season::Dormant), 'season'))->toBeNull();
});

it('holds tender kinds of leaf to less soap and alcohol', function (?string $plant, string $what, float $limit): void {
    $class = $plant === null ? null : ToleranceCatalogue::shipped()->get($plant);
    foreach ((new Ceilings(Limits::shipped()))->of(Target::of(RecipeUse::Foliar, $class)) as $ceiling) {
        if ($ceiling->what->value === $what) {
            expect($ceiling->limit->value)->toBe($limit);

            return;
        }
    }
    expect($what)->toBe('a ceiling');
})->with([
    [null, 'soap', 2.0], ['ordinary-leaf', 'soap', 2.0], ['tender-leaf', 'soap', 1.0], ['waxy-bloom-leaf', 'soap', 1.0],
    [null, 'alcohol', 40.0], ['hairy-leaf', 'alcohol', 1.0], ['wounded-leaf', 'alcohol', 20.0], ['tough-leaf', 'alcohol', 40.0],
    [null, 'essential', 0.3], [null, 'peroxide', 1.0],
]);

it('has a ceiling of its own on soil, and the higher one on bare wood', function (): void {
    $ceilings = new Ceilings(Limits::shipped());
    expect($ceilings->of(Target::of(RecipeUse::Drench, null)))->toHaveCount(1)
        ->and($ceilings->of(Target::of(RecipeUse::Foliar, null), Season::Dormant)[0]->limit->value)->toBe(4.0)
        ->and($ceilings->of(Target::of(RecipeUse::Foliar, null), Season::Growing)[0]->limit->value)->toBe(2.0);
});

it('judges the high end by the season, too', function (): void {
    // Oil 2 to 4 % on dormant wood, 1 to 2 % on leaves in season (university extension pest notes, from memory).
    $request = ['recipe' => Plans::recipe([['ingredient' => 'horticultural-oil', 'amount' => 15, 'unit' => 'mL', 'upTo' => 30]], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 1, 'unit' => 'L']];
    $codes = static fn(Season $season): array => array_map(static fn($verdict): string => $verdict->code, Plans::under($request, new Circumstances($season))->verdicts);

    expect(in_array('high-end-oil-strength', $codes(Season::Growing), true))->toBeTrue()
        ->and(in_array('high-end-oil-strength', $codes(Season::Dormant), true))->toBeFalse();
});
