<?php

declare(strict_types=1);

use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Emulsion\WaterAt;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Writing\PlanWriter;
use Random\Engine\Mt19937;
use Random\Randomizer;

/*
 * How long a mix holds before it wants shaking again, as growers find it: common practice, no source. Tap water of
 * 120 mg/L and a warm room unless the row says otherwise, shaken by hand. Written down before the model.
 */

/** @param list<array<string, mixed>> $lines */
function holds(array $lines, string $order, float $hardness = 120.0, float $celsius = 22.0, string $basis = 'L'): float
{
    return PlanWriter::shipped()->write(Plans::of([
        'recipe' => Plans::recipe($lines, ['amount' => 1, 'unit' => $basis, 'of' => 'water'], 'foliar', $order),
        'make' => ['amount' => 1, 'unit' => $basis],
        'water' => ['hardness' => ['amount' => $hardness, 'unit' => 'mg/L'], 'temperature' => ['amount' => $celsius, 'unit' => 'Cel']],
    ]))->emulsion->reshake_seconds;
}

/** @return array{ingredient: string, amount: float, unit: string} */
function pouredIn(string $ingredient, float $amount, string $unit = 'mL'): array
{
    return ['ingredient' => $ingredient, 'amount' => $amount, 'unit' => $unit];
}

const A_DAY = 86_400.0;

it('holds no oil without an emulsifier, whatever the order', function (string $oil, float $amount, MixingOrder $order): void {
    foreach ([0.0, 120.0, 400.0] as $hardness) {
        foreach ([2.0, 20.0, 40.0] as $celsius) {
            expect(holds([pouredIn($oil, $amount)], $order->value, $hardness, $celsius))->toBeLessThanOrEqual(20.0)->toBeGreaterThan(0.0);
        }
    }
})->with(['neem-oil', 'vegetable-oil', 'paraffin-oil', 'horticultural-oil', 'peppermint-oil'])->with([[0.5], [8.0], [40.0]])->with(array_map(static fn(MixingOrder $order): array => [$order], MixingOrder::cases()));

it('holds as long as growers find', function (array $lines, string $basis, float $hardness, float $celsius, array $together, ?array $first): void {
    /**
     * @var list<array<string, mixed>> $lines
     * @var array{float, float}        $together
     * @var array{float, float}|null   $first
     */
    $seconds = holds($lines, 'all-together', $hardness, $celsius, $basis);
    expect($seconds)->toBeGreaterThanOrEqual($together[0])->toBeLessThanOrEqual($together[1]);
    if ($first !== null) {
        $seconds = holds($lines, 'emulsifier-first', $hardness, $celsius, $basis);
        expect($seconds)->toBeGreaterThanOrEqual($first[0])->toBeLessThanOrEqual($first[1]);
    }
})->with([
    'two drops of detergent to 30 mL of kitchen oil in a warm litre' => [[pouredIn('vegetable-oil', 30), pouredIn('dish-detergent', 2, '[drp]')], 'L', 120.0, 35.0, [8.0, 90.0], [0.0, 1200.0]],
    'neem and castile by the quart, distilled' => [[pouredIn('neem-oil', 1.5, '[tsp_us]'), pouredIn('castile-soap', 0.5, '[tsp_us]')], '[qt_us]', 0.0, 22.0, [30.0, 90.0], [1200.0, A_DAY]],
    'neem and castile by the quart, soft' => [[pouredIn('neem-oil', 1.5, '[tsp_us]'), pouredIn('castile-soap', 0.5, '[tsp_us]')], '[qt_us]', 60.0, 22.0, [30.0, 90.0], [1200.0, A_DAY]],
    'neem and castile by the quart, tap' => [[pouredIn('neem-oil', 1.5, '[tsp_us]'), pouredIn('castile-soap', 0.5, '[tsp_us]')], '[qt_us]', 120.0, 22.0, [30.0, 90.0], [1200.0, A_DAY]],
    'neem and castile by the quart, tap, body warm' => [[pouredIn('neem-oil', 1.5, '[tsp_us]'), pouredIn('castile-soap', 0.5, '[tsp_us]')], '[qt_us]', 120.0, 37.0, [30.0, 90.0], [1200.0, A_DAY]],
    'neem and castile by the quart, very hard' => [[pouredIn('neem-oil', 1.5, '[tsp_us]'), pouredIn('castile-soap', 0.5, '[tsp_us]')], '[qt_us]', 400.0, 22.0, [0.0, 19.999], [0.0, 599.0]],
    'soap and kitchen oil, one to one' => [[pouredIn('castile-soap', 30), pouredIn('vegetable-oil', 30)], 'L', 120.0, 22.0, [40.0, 300.0], [3600.0, INF]],
    'paraffin oil and half a mL of detergent' => [[pouredIn('paraffin-oil', 10), pouredIn('dish-detergent', 0.5)], 'L', 120.0, 22.0, [12.0, 120.0], [600.0, INF]],
    'paraffin oil and a mL of detergent' => [[pouredIn('paraffin-oil', 10), pouredIn('dish-detergent', 1.0)], 'L', 120.0, 22.0, [12.0, 120.0], [600.0, INF]],
    'paraffin oil and one and a half mL of detergent' => [[pouredIn('paraffin-oil', 10), pouredIn('dish-detergent', 1.5)], 'L', 120.0, 22.0, [12.0, 120.0], [600.0, INF]],
    'neem and soap bark by the gallon' => [[pouredIn('neem-oil', 1, '[tbs_us]'), pouredIn('saponin-extract', 1, '[tsp_us]')], '[gal_us]', 120.0, 22.0, [20.0, 600.0], [3600.0, INF]],
]);

it('holds egg milk for an hour and more', function (): void {
    expect(Plans::shipped('egg-and-oil-milk', 1.0, 'L')->emulsion->reshake['blender'])->toBeGreaterThan(3600.0);
});

it('finds three parts of oil to one of castile enough up to 120 mg/L, and twenty to one short', function (float $oil): void {
    foreach ([0.0, 60.0, 120.0] as $hardness) {
        expect(holds([pouredIn('neem-oil', $oil), pouredIn('castile-soap', $oil / 3.0)], 'all-together', $hardness))->toBeGreaterThanOrEqual(30.0);
    }
    expect(holds([pouredIn('neem-oil', $oil), pouredIn('castile-soap', $oil / 20.0)], 'all-together'))->toBeLessThan(15.0);
})->with([[7.4], [8.0], [15.0], [30.0]]);

it('needs more for more oil, in proportion and a little', function (): void {
    // Common practice, no source: about 1.5 % of the oil, active on oil, and 0.3 mL/L of castile dissolved.
    $needed = static fn(float $oil): float => Plans::of(['recipe' => Plans::recipe([pouredIn('neem-oil', $oil), pouredIn('castile-soap', 5)], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 1, 'unit' => 'L']])->emulsion->budget->needed;

    expect($needed(2.0))->toEqualWithDelta(0.3 + 2.0 * 0.92 * 0.015 / (0.37 * 1.03), 0.02)
        ->and($needed(40.0))->toEqualWithDelta(0.3 + 40.0 * 0.92 * 0.015 / (0.37 * 1.03), 0.05);
});

function between(Randomizer $random, float $low, float $high): float
{
    return $low + ($high - $low) * $random->getInt(0, 1_000_000) / 1e6;
}

/** @return array{non-empty-list<array{ingredient: string, amount: float, unit: string}>, float, float, string} lines, hardness, °C, order */
function anyMix(Randomizer $random): array
{
    $pick = static function (string ...$from) use ($random): string {
        return array_values($from)[$random->getInt(0, count($from) - 1)] ?? '';
    };
    $amount = static fn(): float => exp(between($random, log(0.05), log(40.0)));
    $lines = [pouredIn($pick('neem-oil', 'vegetable-oil', 'paraffin-oil'), $amount()), pouredIn($pick('castile-soap', 'dish-detergent', 'saponin-extract', 'polysorbate-20'), $amount())];
    if ($random->getInt(0, 1) === 1) {
        $lines[] = pouredIn($pick('castile-soap', 'dish-detergent', 'saponin-extract', 'polysorbate-20', 'isopropyl-alcohol'), $amount());
    }

    return [$lines, between($random, 0.0, 500.0), between($random, 2.0, 44.0), $pick(...array_column(MixingOrder::cases(), 'value'))];
}

/** @param list<array{ingredient: string, amount: float, unit: string}> $lines mL in a litre of water that must be free */
function neededOf(array $lines, float $hardness): float
{
    $plan = Plans::of(['recipe' => Plans::recipe($lines, ['amount' => 1, 'unit' => 'L', 'of' => 'water']), 'make' => ['amount' => 1, 'unit' => 'L'], 'water' => ['hardness' => ['amount' => $hardness, 'unit' => 'mg/L']]]);

    return $plan->emulsion->budget->needed * (1000.0 + array_sum(array_column($lines, 'amount')));
}

it('never holds shorter with more emulsifier, in softer water, or worked finer, and never needs less for more oil', function (): void {
    $random = new Randomizer(new Mt19937(11));
    $planner = Planner::shipped();
    for ($i = 0, $times = getenv('MIXER_LONG') === '1' ? 300 : 60; $i < $times; ++$i) {
        [$lines, $hardness, $celsius, $order] = anyMix($random);
        $more = 1.0 + between($random, 0.01, 3.0);
        $at = holds($lines, $order, $hardness, $celsius);
        $richer = $lines;
        $richer[1]['amount'] = $lines[1]['amount'] * $more;
        expect(holds($richer, $order, $hardness, $celsius))->toBeGreaterThanOrEqual($at * (1.0 - 1e-9))
            ->and(holds($lines, $order, $hardness / $more, $celsius))->toBeGreaterThanOrEqual($at * (1.0 - 1e-9));

        $oilier = $lines;
        $oilier[0]['amount'] = $lines[0]['amount'] * $more;
        expect(neededOf($oilier, $hardness))->toBeGreaterThanOrEqual(neededOf($lines, $hardness) * (1.0 - 1e-9));

        $bench = Plans::bench(['recipe' => Plans::recipe($lines, ['amount' => 1, 'unit' => 'L', 'of' => 'water'], 'foliar', $order), 'make' => ['amount' => 1, 'unit' => 'L']]);
        $seconds = [];
        foreach (Agitation::cases() as $work) {
            $seconds[] = $planner->plan(Plans::worked($bench, $work))->emulsion->reshake[$order];
        }
        $sorted = $seconds;
        sort($sorted);
        expect($seconds)->toBe($sorted);
    }
});

it('lets cold neem hold longer for being warmed, and warm neem shorter only as the water thins', function (): void {
    $random = new Randomizer(new Mt19937(12));
    for ($i = 0, $times = getenv('MIXER_LONG') === '1' ? 200 : 50; $i < $times; ++$i) {
        [$lines, $hardness, , $order] = anyMix($random);
        $lines[0] = pouredIn('neem-oil', $lines[0]['amount']);
        [$cold, $less] = [between($random, 0.5, 17.0), between($random, 0.1, 1.0)];
        expect(holds($lines, $order, $hardness, $cold + $less))->toBeGreaterThanOrEqual(holds($lines, $order, $hardness, $cold) * (1.0 - 1e-9));
        $warm = between($random, 18.0, 40.0);
        $warmer = $warm + between($random, 0.5, 10.0);
        $thins = WaterAt::celsius($warmer)->viscosity() / WaterAt::celsius($warm)->viscosity();
        expect(holds($lines, $order, $hardness, $warmer))->toBeGreaterThanOrEqual(holds($lines, $order, $hardness, $warm) * $thins * (1.0 - 1e-6));
    }
});
