<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\WayOut\Bounds;
use IdleMixer\Core\WayOut\Remedy;
use IdleMixer\Core\WayOut\RemedyKind;
use IdleMixer\Core\WayOut\SlipReader;
use IdleMixer\Core\WayOut\Slips;
use IdleMixer\Core\WayOut\WayOut;
use IdleMixer\Core\Work\Load;
use Random\Engine\Mt19937;
use Random\Randomizer;

function wayOut(float $capacity, ?string $plant = null): WayOut
{
    $ceilings = new Ceilings(Limits::shipped());
    $class = $plant === null ? null : ToleranceCatalogue::shipped()->get($plant);

    return new WayOut(new Bounds($ceilings->of(Target::of(RecipeUse::Foliar, $class)), $capacity), $ceilings->of(Target::of(RecipeUse::Drench, ToleranceCatalogue::shipped()->emptyBed())), Kit::kitchen()->planner());
}

/** @param list<array<string, mixed>> $lines */
function loadOf(array $lines, float $litres = 4.0): Load
{
    return Plans::of(['recipe' => Plans::recipe($lines, ['amount' => $litres, 'unit' => 'L', 'of' => 'finished'], 'foliar'), 'make' => ['amount' => $litres, 'unit' => 'L']])->groups[0]->load;
}

/** @return array<string, mixed> */
function line(string $ingredient, float $ml): array
{
    return ['ingredient' => $ingredient, 'amount' => $ml, 'unit' => 'mL'];
}

/** @param list<Remedy> $remedies */
function remedy(array $remedies, RemedyKind $kind): ?Remedy
{
    foreach ($remedies as $remedy) {
        if ($remedy->kind === $kind) {
            return $remedy;
        }
    }

    return null;
}

/**
 * The strengths and the volume after a remedy, by plain sums: no code of the product but the numbers of the advice.
 *
 * @param list<string> $what      ingredient of each item
 * @param list<float>  $ml        mL of each item that went in
 * @param float        $finished  mL in the sprayer before
 *
 * @return array{volume: float, oil: float, soap: float, essential: float}
 */
function byHand(Remedy $remedy, array $what, array $ml, float $finished): array
{
    $stays = 1.0 - $remedy->pourOff / $finished;
    $volume = $finished * $stays + $remedy->water;
    $sums = ['oil' => 0.0, 'soap' => 0.0, 'essential' => 0.0];
    foreach ($what as $i => $ingredient) {
        $much = $ml[$i] * $stays;
        foreach ($remedy->add[$ingredient]->scoops ?? [] as $scoop) {
            $much += $scoop->count * $scoop->measure->millilitres;
            $volume += $scoop->count * $scoop->measure->millilitres;
        }
        $sums[match ($ingredient) {
            'castile-soap', 'dish-detergent' => 'soap',
            'peppermint-oil' => 'essential',
            default => 'oil',
        }] += $much;
    }

    return ['volume' => $volume, ...array_map(static fn(float $sum): float => 100.0 * $sum / $volume, $sums)];
}

/**
 * Whether adding what is short, after up to a third was poured off, comes back to the planned strength, itself within the limits: by plain
 * sums, tried in steps.
 *
 * @param list<float>  $planned
 * @param list<float>  $in
 * @param list<string> $what
 */
function couldBeSaved(array $planned, array $in, array $what, int $item, float $went, float $volume, float $capacity, ?float $water, bool $tender, bool $spent): bool
{
    $ml = [...$in, $item => $went];
    $essential = isset($what[2]) ? $planned[2] / $volume * 100.0 : 0.0;
    $oils = $planned[0] / $volume * 100.0 / ($tender ? 0.6 : 1.1) + $essential / ($tender ? 0.2 : 0.3);
    // Spoons are within a tenth of what is wanted: what is planned right at a limit may not be met.
    if ($spent || $oils > 0.9 || $planned[1] / $volume * 100.0 > 0.9 * ($tender ? 1.0 : 2.0)) {
        return false;
    }
    $finished = $water === null ? max($volume, array_sum($ml)) : $water + array_sum($ml);
    foreach ([0.0, 0.1, 0.2, 1 / 3] as $off) {
        $needed = max(array_map(static fn(float $one, float $plan): float => $one * (1.0 - $off) / $plan * $volume, $ml, array_slice($planned, 0, count($ml))));
        if (max($needed, $finished * (1.0 - $off)) <= 0.97 * max($capacity, $finished)) {
            return true;
        }
    }

    return false;
}

/*
 * Limits written down here by themselves, common practice and handbooks from memory: neem 1.1 % on leaves and 0.6 % on a tender one,
 * essential oil 0.3 and 0.2 %, each as a share of its own limit, the shares summed; soap 2 % and 1 %; in an empty bed 1.6 % oil, 0.3 %
 * essential oil.
 */
it('never advises what overfills or ends outside the limits, on a thousand random slips, and discards nothing that a third poured off would save', function (): void {
    $random = new Randomizer(new Mt19937(20261125));
    $between = static fn(float $from, float $to): float => $from + ($to - $from) * $random->getInt(0, 1_000_000) / 1_000_000;
    $kinds = array_fill_keys(array_column(RemedyKind::cases(), 'value'), 0);
    $slipped = $saved = 0;
    for ($round = 0; $round < 1000; ++$round) {
        $tender = $random->getInt(0, 1) === 1;
        $volume = round($between(500.0, 8000.0));
        $capacity = $random->getInt(0, 2) === 0 ? $volume : $volume * $between(1.0, 2.2);
        $what = ['neem-oil', 'castile-soap', ...($random->getInt(0, 2) === 0 ? ['peppermint-oil'] : [])];
        $planned = [$volume * $between(0.002, 0.012), $volume * $between(0.001, 0.015), $volume * $between(0.0003, 0.002)];
        $load = loadOf(array_map(static fn(string $name, float $ml): array => line($name, $ml), $what, array_slice($planned, 0, count($what))), $volume / 1000.0);
        $item = $random->getInt(0, count($what) - 1);
        $spent = $random->getInt(0, 5) === 0;
        $factor = $spent ? $between(0.0, 1.0) : $between(0.0, 3.0);
        $range = [$planned[$item] * $factor, $planned[$item] * ($factor + ($random->getInt(0, 1) === 1 ? $between(0.05, 1.0) : 0.0))];
        $water = $random->getInt(0, 4) === 0 ? $load->mixture->water * $between(0.5, 1.3) : null;
        // Ran out of it: half of the water is in, and nothing else yet.
        if ($spent) {
            [$range, $water] = [[$range[0], $range[0]], $load->mixture->water / 2.0];
        }
        $in = array_map(static fn(float $ml): float => $spent ? 0.0 : $ml, array_slice($planned, 0, count($what)));
        $slips = new Slips([...array_map(static fn(float $ml): array => [$ml, $ml], array_combine($what, $in)), $what[$item] => $range], $water, $spent ? [$what[$item]] : []);
        ++$slipped;
        $first = wayOut($capacity, $tender ? 'tender-leaf' : null)->remedies($load, $slips)[0]->kind;
        if ($range[0] === $range[1] && couldBeSaved($planned, $in, $what, $item, $range[0], $volume, $capacity, $water, $tender, $spent)) {
            expect([RemedyKind::Discard, RemedyKind::Drench])->not->toContain($first);
            ++$saved;
        }
        foreach (wayOut($capacity, $tender ? 'tender-leaf' : null)->remedies($load, $slips) as $remedy) {
            ++$kinds[$remedy->kind->value];
            if ($remedy->kind === RemedyKind::Discard) {
                continue;
            }
            foreach (array_unique($range) as $went) {
                $ml = $in;
                $ml[$item] = $went;
                $finished = $water === null ? max($volume, array_sum($ml)) : $water + array_sum($ml);
                $end = byHand($remedy, $what, array_values($ml), $finished);
                $said = "{$remedy->kind->value} after " . json_encode([$what, $ml, $volume, $capacity, $water, $end]);
                expect($end['volume'])->toBeLessThanOrEqual(($remedy->kind === RemedyKind::Drench ? max($capacity, $finished) : max($capacity, $finished)) * (1 + 1e-9), $said);
                if ($remedy->kind === RemedyKind::Drench) {
                    expect($end['oil'] / 1.6 + $end['essential'] / 0.3)->toBeLessThanOrEqual(1 + 1e-9, $said);

                    continue;
                }
                expect($end['oil'] / ($tender ? 0.6 : 1.1) + $end['essential'] / ($tender ? 0.2 : 0.3))->toBeLessThanOrEqual(1 + 1e-9, $said)
                    ->and($end['soap'])->toBeLessThanOrEqual(($tender ? 1.0 : 2.0) * (1 + 1e-9), $said);
            }
        }
    }
    expect($slipped)->toBeGreaterThanOrEqual(1000)->and($saved)->toBeGreaterThan(100)->and(min($kinds))->toBeGreaterThan(10, json_encode($kinds, \JSON_THROW_ON_ERROR));
});

// A gallon with 4 tbsp of neem meant is 1.54 %: common practice for infested beds and orchards.
it('makes a bigger batch of one spoon too many, while there is room', function (): void {
    $load = loadOf([line('neem-oil', 40.0), line('castile-soap', 8.0)], 4.0);
    $remedies = wayOut(6000.0)->remedies($load, new Slips(['neem-oil' => [50.0, 50.0]]));
    $bigger = remedy($remedies, RemedyKind::BiggerBatch);

    expect($bigger?->finished)->toEqualWithDelta(5000.0, 1.0)
        ->and($bigger?->add['castile-soap']->millilitres())->toEqualWithDelta(2.0, 0.1)
        ->and($bigger?->asPlanned)->toBeTrue()
        ->and(remedy(wayOut(4000.0)->remedies($load, new Slips(['neem-oil' => [50.0, 50.0]])), RemedyKind::BiggerBatch))->toBeNull();
});

it('uses a small slip as it is, and says so first', function (): void {
    $load = loadOf([line('neem-oil', 32.0), line('castile-soap', 8.0)]);
    expect(wayOut(4000.0)->remedies($load, new Slips(['neem-oil' => [32.0, 40.0]]))[0]->kind)->toBe(RemedyKind::AsItIs)
        ->and(wayOut(4000.0)->remedies($load, new Slips(['neem-oil' => [16.0, 32.0]]))[0]->kind)->not->toBe(RemedyKind::AsItIs);
});

it('adds the soap that was left out, in spoons', function (): void {
    $load = loadOf([line('neem-oil', 30.0), line('castile-soap', 15.0)]);
    $add = remedy(wayOut(5000.0)->remedies($load, new Slips(['castile-soap' => [0.0, 0.0]])), RemedyKind::AddMissing);

    expect($add?->add['castile-soap']->millilitres())->toEqualWithDelta(15.0, 0.75)->and($add?->asPlanned)->toBeTrue()
        // Filled to the brim there is no room for it: no advice that overflows.
        ->and(remedy(wayOut(4000.0)->remedies($load, new Slips(['castile-soap' => [0.0, 0.0]])), RemedyKind::AddMissing))->toBeNull();
});

it('tops up the litre of water that was short', function (): void {
    $load = loadOf([line('neem-oil', 30.0), line('castile-soap', 15.0)]);
    $add = remedy(wayOut(4000.0)->remedies($load, new Slips([], 2955.0)), RemedyKind::AddMissing);
    expect($add?->water)->toEqualWithDelta(1000.0, 1e-6)->and($add?->finished)->toEqualWithDelta(4000.0, 1e-6);
});

// A tablespoon is three teaspoons: 2 tsp meant, 2 tbsp poured.
it('pours off and tops up where a tablespoon went for the teaspoon in a full sprayer', function (): void {
    $load = loadOf([line('neem-oil', 10.0), line('castile-soap', 5.0)], 1.0);
    $remedies = wayOut(1000.0)->remedies($load, new Slips(['neem-oil' => [30.0, 30.0]]));
    $off = remedy($remedies, RemedyKind::PourOff);

    // 30 mL for 10: two thirds of it must go, and the soap that goes with them comes back.
    expect($off?->pourOff)->toBe(670.0)->and($off?->asPlanned)->toBeTrue()
        ->and($off?->add['castile-soap']->millilitres())->toEqualWithDelta(3.35, 0.05 * 3.35)
        ->and($off?->water)->toEqualWithDelta(670.0 - ($off?->add['castile-soap']->millilitres() ?? 0.0), 1e-6)
        ->and(remedy($remedies, RemedyKind::AddWater))->toBeNull()
        ->and(remedy(wayOut(3000.0)->remedies($load, new Slips(['neem-oil' => [30.0, 30.0]])), RemedyKind::AddWater)?->finished)->toBe(3000.0);
});

it('pours off to within the limits where nobody knows how much went in', function (): void {
    $load = loadOf([line('neem-oil', 8.0), line('castile-soap', 5.0)], 1.0);
    $off = remedy(wayOut(1000.0)->remedies($load, new Slips(['neem-oil' => [8.0, 24.0]])), RemedyKind::PourOff);

    // At the worst 2.4 % comes to 1.1 %: 1 - 1.1/2.4 = 0.542 of it must go.
    expect($off?->pourOff)->toBe(550.0)->and($off?->water)->toBe(550.0)->and($off?->asPlanned)->toBeFalse();
});

it('comes back to the plan of what stands there when water was short', function (): void {
    $load = loadOf([line('neem-oil', 30.0), line('castile-soap', 15.0)]);
    $off = remedy(wayOut(4000.0)->remedies($load, new Slips([], 2955.0)), RemedyKind::PourOff);

    // 30 mL in 3 L are 1 %, and 0.75 % was meant: a quarter of it out, water in its place, and nothing else.
    expect($off?->pourOff)->toBe(750.0)->and($off?->add)->toBe([])->and($off?->water)->toBe(750.0);
});

it('lets a spray be used that is not as planned and still within the limits, after a leaf test', function (): void {
    // A tablespoon for the teaspoon at a third of the strength: 1.05 % where 0.35 % was meant, and 1.1 % is the limit.
    $load = loadOf([line('neem-oil', 3.5), line('castile-soap', 5.0)], 1.0);
    $use = remedy(wayOut(1000.0)->remedies($load, new Slips(['neem-oil' => [10.5, 10.5]])), RemedyKind::WithinLimits);
    expect($use?->strongest)->toEqualWithDelta(3.0, 0.02)->and($use?->weakest)->toEqualWithDelta(1.0, 0.02)
        // Not on a tender leaf, where 0.6 % is the limit; and not without the soap that holds the oil.
        ->and(remedy(wayOut(1000.0, 'tender-leaf')->remedies($load, new Slips(['neem-oil' => [10.5, 10.5]])), RemedyKind::WithinLimits))->toBeNull()
        ->and(remedy(wayOut(1000.0)->remedies($load, new Slips(['castile-soap' => [0.0, 0.0]])), RemedyKind::WithinLimits))->toBeNull();
});

it('says one thing once: water that is missing is not added twice', function (): void {
    $load = loadOf([line('neem-oil', 30.0), line('castile-soap', 15.0)]);
    $kinds = array_map(static fn(Remedy $one): RemedyKind => $one->kind, wayOut(5000.0)->remedies($load, new Slips([], 2955.0)));
    expect(in_array(RemedyKind::AddMissing, $kinds, true))->toBeTrue()->and(in_array(RemedyKind::AddWater, $kinds, true))->toBeFalse();
});

it('offers a drench only for what a bed bears', function (): void {
    $load = loadOf([line('neem-oil', 8.0), line('castile-soap', 8.0)], 1.0);
    $strong = wayOut(1000.0, 'tender-leaf')->remedies($load, new Slips(['neem-oil' => [15.0, 15.0]]));
    $far = wayOut(1000.0, 'tender-leaf')->remedies($load, new Slips(['neem-oil' => [45.0, 45.0]]));
    $detergent = wayOut(1000.0, 'tender-leaf')->remedies(loadOf([line('neem-oil', 8.0), line('dish-detergent', 8.0)], 1.0), new Slips(['neem-oil' => [15.0, 15.0]]));

    expect(remedy($strong, RemedyKind::Drench))->not->toBeNull()
        ->and(remedy($far, RemedyKind::Drench))->toBeNull()
        ->and(remedy($detergent, RemedyKind::Drench))->toBeNull()
        ->and(end($far)->kind ?? null)->toBe(RemedyKind::Discard);
});

it('reads what went wrong', function (string $slip, float $low, float $high): void {
    $load = Plans::shipped('neem-by-the-gallon', 1, '[gal_us]')->groups[0]->load;
    $slips = SlipReader::read(JsonText::parse("[{$slip}]"), $load);
    $range = $slips->items['neem-oil'] ?? [$slips->water ?? 0.0, $slips->water ?? 0.0];
    expect($range[0])->toEqualWithDelta($low, 1e-6)->and($range[1])->toEqualWithDelta($high, 1e-6);
})->with([
    'lost count between 1 and 3 tbsp' => ['{"kind":"count","item":"neem-oil","scoop":0,"from":1,"to":3}', 14.78676478125, 3 * 14.78676478125],
    'left out' => ['{"kind":"left-out","item":"neem-oil"}', 0.0, 0.0],
    'teaspoons for tablespoons' => ['{"kind":"measure","item":"neem-oil","scoop":0,"measure":{"amount":1,"unit":"[tsp_us]"}}', 2 * 4.92892159375, 2 * 4.92892159375],
    'three litres of water' => ['{"kind":"water","water":{"amount":3,"unit":"L"}}', 3000.0, 3000.0],
]);

it('hears every slip of a load, whichever was said first', function (array $order): void {
    $said = ['{"kind":"water","water":{"amount":3,"unit":"L"}}', '{"kind":"count","item":"neem-oil","scoop":0,"from":1,"to":1}', '{"kind":"ran-out","item":"castile-soap","scoop":0,"from":0,"to":0}'];
    $recipe = Plans::recipe([line('neem-oil', 29.57352956), line('castile-soap', 14.78676478)], ['amount' => 1, 'unit' => '[gal_us]', 'of' => 'water']);
    $load = Plans::of(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => '[gal_us]'], 'measures' => [['amount' => 1, 'unit' => '[tbs_us]']]])->groups[0]->load;
    $slips = SlipReader::read(JsonText::parse('[' . implode(',', array_map(static fn(mixed $i): string => $said[is_int($i) ? $i : 0], $order)) . ']'), $load);
    expect($slips->water)->toEqualWithDelta(3000.0, 1e-6)->and($slips->items['neem-oil'] ?? null)->toEqualWithDelta([14.78676478125, 14.78676478125], 1e-6)
        ->and($slips->items['castile-soap'] ?? null)->toBe([0.0, 0.0])->and($slips->spent)->toBe(['castile-soap']);
})->with([[[0, 1, 2]], [[1, 0, 2]], [[1, 2, 0]], [[2, 0, 1]]]);

it('refuses slips that cannot be', function (string $slip, string $path): void {
    $load = Plans::shipped('neem-by-the-gallon', 1, '[gal_us]')->groups[0]->load;
    try {
        SlipReader::read(JsonText::parse($slip), $load);
        $found = 'no fault';
    } catch (InvalidDocument $e) {
        $found = $e->path();
    }
    expect($found)->toBe($path);
})->with([
    ['[]', ''], ['[{"kind":"spilt","item":"neem-oil"}]', '/0/kind'], ['[{"kind":"count","item":"lemonade","scoop":0,"from":1,"to":2}]', '/0/item'],
    ['[{"kind":"count","item":"neem-oil","scoop":0,"from":3,"to":2}]', '/0/to'], ['[{"kind":"count","item":"neem-oil","scoop":0,"from":-1,"to":2}]', '/0/from'],
    ['[{"kind":"count","item":"neem-oil","scoop":4,"from":1,"to":2}]', '/0/scoop'], ['[{"kind":"water","water":{"amount":0,"unit":"L"}}]', '/0/water/amount'],
    ['[{"kind":"measure","item":"neem-oil","scoop":0,"measure":{"amount":1,"unit":"g"}}]', '/0/measure/unit'],
]);

// Common practice, no source: what holds the oil goes in with the oil; a glass shows whether it is in; what is safe with it and without it is no waste.
it('adds the soap that doubled oil wants, where the leaf bears the oil', function (): void {
    $load = loadOf([line('neem-oil', 20.0), line('castile-soap', 10.0)]);
    // 40 mL of neem in 4 L are 1 %, within the 1.1 % of an ordinary leaf; ten mL of soap more hold them as the first ten held twenty.
    $added = remedy(wayOut(5000.0)->remedies($load, new Slips(['neem-oil' => [40.0, 40.0]])), RemedyKind::AddSoap);
    expect($added?->add['castile-soap']->millilitres())->toEqualWithDelta(10.0, 0.5)->and($added?->pourOff)->toBe(0.0)->and($added?->water)->toBe(0.0)
        // 80 mL are 2 %: too much for it, whatever holds it.
        ->and(remedy(wayOut(5000.0)->remedies($load, new Slips(['neem-oil' => [80.0, 80.0]])), RemedyKind::AddSoap))->toBeNull()
        // Nothing is short where nothing was doubled.
        ->and(remedy(wayOut(5000.0)->remedies($load, new Slips(['castile-soap' => [20.0, 20.0]])), RemedyKind::AddSoap))->toBeNull();
});

it('lets a glass tell where only what holds the oil is not sure, and throws away nothing that is safe both ways', function (): void {
    $load = loadOf([line('paraffin-oil', 40.0), line('dish-detergent', 2.5)]);
    $remedies = wayOut(4000.0)->remedies($load, new Slips(['dish-detergent' => [0.0, 2.5]]));
    expect(remedy($remedies, RemedyKind::GlassTells))->not->toBeNull()
        ->and($remedies[count($remedies) - 1]->kind)->toBe(RemedyKind::Discard)->and($remedies[0]->kind)->not->toBe(RemedyKind::Discard)
        // Where the oil is not sure either, no glass tells.
        ->and(remedy(wayOut(4000.0)->remedies($load, new Slips(['dish-detergent' => [0.0, 2.5], 'paraffin-oil' => [20.0, 40.0]])), RemedyKind::GlassTells))->toBeNull()
        // At one end it is over what a leaf bears: 0.5 to 1 % detergent.
        ->and(remedy(wayOut(4000.0)->remedies($load, new Slips(['dish-detergent' => [20.0, 40.0]])), RemedyKind::GlassTells))->toBeNull();
    // Without oil nothing has to be held: soda with a spoon of detergent or none may be sprayed after a leaf test.
    $soda = loadOf([line('baking-soda', 16.0), line('dish-detergent', 2.5)]);
    expect(remedy(wayOut(4000.0)->remedies($soda, new Slips(['dish-detergent' => [0.0, 2.5]])), RemedyKind::WithinLimits))->not->toBeNull();
});
