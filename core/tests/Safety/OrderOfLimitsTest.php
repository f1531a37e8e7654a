<?php

declare(strict_types=1);

use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Temperature;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\About;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Season;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\Sentences;
use Random\Engine\Mt19937;
use Random\Randomizer;

/*
 * What must hold of any limits, whatever their numbers: common practice, no source.
 */

function severity(?Level $level): int
{
    return match ($level) {
        null, Level::Ok => 0,
        Level::Caution => 1,
        Level::Stop => 2,
    };
}

/** @return array<string, int> the worst level of each code */
function levelsOf(Plan $plan): array
{
    $levels = [];
    foreach ($plan->verdicts as $verdict) {
        // Whether oil is held, how it is measured and whether it works is not a matter of the leaf; the oils are judged as one.
        if (in_array($verdict->about(), [About::Emulsion, About::Measuring, About::Weak, About::ActiveSoap], true)) {
            continue;
        }
        $code = in_array($verdict->about(), [About::Oil, About::Neem, About::Essential], true) ? 'oils' : $verdict->code;
        $levels[$code] = max($levels[$code] ?? 0, severity($verdict->level));
    }

    return $levels;
}

/** @param array<string, float> $millilitres by ingredient, in a litre that is topped up */
function sprayed(array $millilitres, ?string $plant, string $use = 'foliar', Circumstances $circumstances = new Circumstances()): Plan
{
    $lines = [];
    foreach ($millilitres as $slug => $ml) {
        $lines[] = ['ingredient' => $slug, 'amount' => $ml, 'unit' => $slug === 'baking-soda' ? 'g' : 'mL'];
    }
    $request = ['recipe' => Plans::recipe($lines, ['amount' => 1, 'unit' => 'L', 'of' => 'finished'], $use), 'make' => ['amount' => 1, 'unit' => 'L'], ...($plant === null ? [] : ['plant' => $plant])];

    return Plans::under($request, $circumstances);
}

/** @return array<string, float> */
function someSpray(Randomizer $random): array
{
    $all = [];
    foreach (['neem-oil' => 80, 'castile-soap' => 60, 'isopropyl-alcohol' => 500, 'hydrogen-peroxide' => 300, 'baking-soda' => 25, 'peppermint-oil' => 9] as $slug => $most) {
        if ($random->getInt(0, 2) > 0) {
            $all[$slug] = $random->getInt(1, 1000) / 1000 * $most;
        }
    }

    return $all === [] ? ['neem-oil' => 10.0] : $all;
}

it('never calls a stronger spray milder', function (string $plant): void {
    $random = new Randomizer(new Mt19937(11));
    for ($round = 0; $round < 60; ++$round) {
        $weak = someSpray($random);
        $more = array_rand($weak);
        $strong = [...$weak, $more => $weak[$more] * (1.0 + $random->getInt(1, 100) / 100)];
        if (array_sum($strong) > 900.0) {
            continue;
        }
        $after = levelsOf(sprayed($strong, $plant));
        foreach (levelsOf(sprayed($weak, $plant)) as $code => $level) {
            expect($after[$code] ?? 0)->toBeGreaterThanOrEqual($level, "{$code} with more {$more}: " . json_encode([$weak, $strong], \JSON_THROW_ON_ERROR));
        }
    }
})->with(ToleranceCatalogue::shipped()->slugs());

it('never allows a delicate leaf more than an ordinary one, nor that more than a tough one', function (string $milder, string $harder): void {
    $random = new Randomizer(new Mt19937(12));
    for ($round = 0; $round < 60; ++$round) {
        $spray = someSpray($random);
        $delicate = levelsOf(sprayed($spray, $milder));
        foreach (levelsOf(sprayed($spray, $harder)) as $code => $level) {
            expect($delicate[$code] ?? 0)->toBeGreaterThanOrEqual($level, $code . ' ' . json_encode($spray, \JSON_THROW_ON_ERROR));
        }
    }
})->with([
    ['tender-leaf', 'ordinary-leaf'], ['hairy-leaf', 'ordinary-leaf'], ['waxy-bloom-leaf', 'ordinary-leaf'], ['wounded-leaf', 'ordinary-leaf'],
    ['ordinary-leaf', 'tough-leaf'], ['tough-leaf', 'dormant-wood'],
]);

it('is never calmed by bloom, heat, a near harvest or more frequent rounds', function (Circumstances $worse): void {
    $random = new Randomizer(new Mt19937(13));
    $usual = new Circumstances(Season::Growing, Temperature::ofCelsius(20.0), false, 60.0, 21.0);
    for ($round = 0; $round < 60; ++$round) {
        $spray = someSpray($random);
        $after = levelsOf(sprayed($spray, 'ordinary-leaf', 'foliar', $worse));
        foreach (levelsOf(sprayed($spray, 'ordinary-leaf', 'foliar', $usual)) as $code => $level) {
            expect($after[$code] ?? 0)->toBeGreaterThanOrEqual($level, $code . ' ' . json_encode($spray, \JSON_THROW_ON_ERROR));
        }
    }
})->with([
    'in bloom' => [new Circumstances(Season::Growing, Temperature::ofCelsius(20.0), true, 60.0, 21.0)],
    'in the heat' => [new Circumstances(Season::Growing, Temperature::ofCelsius(38.0), false, 60.0, 21.0)],
    'near frost' => [new Circumstances(Season::Growing, Temperature::ofCelsius(1.0), false, 60.0, 21.0)],
    'picked tomorrow' => [new Circumstances(Season::Growing, Temperature::ofCelsius(20.0), false, 1.0, 21.0)],
    'every second day' => [new Circumstances(Season::Growing, Temperature::ofCelsius(20.0), false, 60.0, 2.0)],
]);

it('stops oil above 32 °C and below 4 °C, and warns of soap from 27 °C', function (array $spray, float $celsius, int $level): void {
    // Common practice, no source: oils not below 40 F (4 C) or above 90 F (32 C); salty or strong surfactants under 75 to 80 F (24 to 27 C).
    /** @var array<string, float> $spray */
    expect(levelsOf(sprayed($spray, 'ordinary-leaf', 'foliar', new Circumstances(air: Temperature::ofCelsius($celsius))))['temperature'])->toBe($level);
})->with([
    [['neem-oil' => 8.0], 32.0, 0], [['neem-oil' => 8.0], 32.5, 2], [['neem-oil' => 8.0], 4.0, 0], [['neem-oil' => 8.0], 3.0, 2],
    [['castile-soap' => 10.0], 20.0, 0], [['castile-soap' => 10.0], 28.0, 1], [['isopropyl-alcohol' => 10.0], 30.0, 0],
]);

it('says of each verdict the number, the limit, where the limit comes from, and ends the sentence', function (): void {
    $random = new Randomizer(new Mt19937(14));
    $sentences = Sentences::shipped();
    $seen = [];
    for ($round = 0; $round < 150; ++$round) {
        $plants = ToleranceCatalogue::shipped()->slugs();
        $use = ['foliar', 'drench', 'dormant', 'spot'][$random->getInt(0, 3)];
        $circumstances = new Circumstances(
            [null, Season::Growing, Season::Dormant][$random->getInt(0, 2)],
            [null, ...array_map(Temperature::ofCelsius(...), [1.0, 20.0, 30.0, 40.0])][$random->getInt(0, 4)],
            $random->getInt(0, 1) === 1,
            [null, 1.0, 40.0][$random->getInt(0, 2)],
            [null, 1.0, 7.0, 30.0][$random->getInt(0, 3)],
        );
        foreach (sprayed(someSpray($random), $random->getInt(0, 4) === 0 ? null : $plants[$random->getInt(0, count($plants) - 1)], $use, $circumstances)->verdicts as $verdict) {
            $text = $sentences->verdict($verdict);
            $seen[$verdict->finding->value] = true;
            expect($text)->not->toMatch('/[{}]|  |\bNAN\b|\bINF\b/')->toMatch('/\A[\p{Lu}“\d].*\.\z/us');
            if (str_ends_with($verdict->code, '-strength') || in_array($verdict->code, ['temperature', 'repeated'], true)) {
                expect($text)->toMatch('/\d.*(%|°C|g per 100 mL).*\d/u')->and($verdict->source)->not->toBeNull();
            }
        }
    }
    expect(count($seen))->toBeGreaterThan(25);
});

// By hand: 0.9 % of kitchen oil is 60 % of the 1.5 % that an ordinary leaf bears well, 0.66 % of neem 60 % of 1.1 %: neither is too much by itself.
it('says how much the oils come to together', function (): void {
    $said = array_map(static fn(Verdict $one): string => Sentences::shipped()->verdict($one), array_filter(sprayed(['vegetable-oil' => 9.0, 'neem-oil' => 6.6], 'ordinary-leaf')->verdicts, static fn(Verdict $one): bool => $one->code === 'oils-together'));
    expect(array_values($said))->toBe(['The oils add up to 120 % of what an ordinary leaf bears well. Leave one out, or weaken it.']);
});

// A stock goes onto nothing before it is let down, whatever it is meant for in the end.
it('has no limits for a stock', function (string $plant): void {
    $class = ToleranceCatalogue::shipped()->get($plant);
    expect(Target::of(RecipeUse::Stock, $class)->limits())->toBeNull()->and(Target::of(RecipeUse::Foliar, $class)->limits())->not->toBeNull();
})->with(ToleranceCatalogue::shipped()->slugs());
