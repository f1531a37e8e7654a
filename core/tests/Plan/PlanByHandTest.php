<?php

declare(strict_types=1);

use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Writing\PlanWriter;
use Random\Engine\Mt19937;
use Random\Randomizer;

/*
 * The plan redone from scratch, by the rules that the open documents state: volumes add, powders take no room, the lines
 * scale by make / (water + lines) or by make / basis, loads are full but the last.
 */

/**
 * NIST Handbook 44, Appendix C (from memory): the gallon is 231 cubic inches of 2.54 cm, its parts are exact shares of it;
 * the drop is UCUM's twentieth of a millilitre.
 */
function handMl(float $amount, string $unit): float
{
    $gallon = 231 * 2.54 ** 3;

    return $amount * match ($unit) {
        'mL' => 1.0,
        'L' => 1000.0,
        '[tsp_us]' => $gallon / 768,
        '[tbs_us]' => $gallon / 256,
        '[foz_us]' => $gallon / 128,
        '[cup_us]' => $gallon / 16,
        '[gal_us]' => $gallon,
        '[drp]' => 0.05,
        default => throw new LogicException($unit),
    };
}

/** g/mL near 20 °C, as the trade knows them (from memory); soda 4.6 g a US teaspoon (USDA FoodData Central, from memory). */
const DENSITY = ['neem-oil' => 0.92, 'castile-soap' => 1.03, 'isopropyl-alcohol' => 0.87, 'baking-soda' => 4.6 / 4.92892159375, 'peppermint-oil' => 0.90];

/** Handbook densities of alcohol by what the bottle holds, straight lines between. */
const BOTTLES = [50 => 0.93, 70 => 0.88, 91 => 0.815, 99 => 0.786];

/** @param array{ingredient: string, strength?: float} $line */
function handDensity(array $line): float
{
    return $line['ingredient'] === 'isopropyl-alcohol' ? BOTTLES[(int) ($line['strength'] ?? 70)] : DENSITY[$line['ingredient']];
}

/** @return list<array{ingredient: string, amount: float, unit: string, upTo?: float, strength?: float}> */
function handLines(Randomizer $random): array
{
    $lines = [];
    $units = ['mL', '[tsp_us]', '[tbs_us]', '[foz_us]', '[drp]', 'g'];
    foreach (array_keys(DENSITY) as $slug) {
        if ($random->getInt(0, 1) === 0 && $lines !== []) {
            continue;
        }
        $line = ['ingredient' => $slug, 'amount' => $random->getInt(1, 80) / 8, 'unit' => $units[$random->getInt(0, count($units) - 1)]];
        if ($random->getInt(0, 2) === 0) {
            $line['upTo'] = $line['amount'] * 2;
        }
        if ($slug === 'isopropyl-alcohol') {
            $line['strength'] = (float) [50, 70, 91, 99][$random->getInt(0, 3)];
        }
        $lines[] = $line;
    }

    return $lines;
}

it('comes to what redoing it by hand comes to', function (): void {
    $random = new Randomizer(new Mt19937(41));
    $writer = PlanWriter::shipped();
    for ($round = 0; $round < 300; ++$round) {
        $lines = handLines($random);
        $basis = ['amount' => $random->getInt(1, 8) / 2, 'unit' => ['L', '[gal_us]'][$random->getInt(0, 1)], 'of' => ['water', 'finished'][$random->getInt(0, 1)]];
        $make = ['amount' => $random->getInt(1, 60) / 4, 'unit' => ['L', '[gal_us]'][$random->getInt(0, 1)]];
        $sprayer = ['amount' => $random->getInt(2, 16) / 2, 'unit' => 'L'];
        $high = $random->getInt(0, 1) === 1;
        $factor = [0.5, 1.0, 1.25][$random->getInt(0, 2)];

        // mL of each line on the basis; a powder is weighed from its spoonful and takes no room.
        $ml = $room = 0.0;
        $each = [];
        foreach ($lines as $line) {
            $amount = $factor * ($high ? $line['upTo'] ?? $line['amount'] : $line['amount']);
            $ml = $line['unit'] === 'g' ? $amount / handDensity($line) : handMl($amount, $line['unit']);
            $each[] = $ml;
            $room += $line['ingredient'] === 'baking-soda' ? 0.0 : $ml;
        }
        $basisMl = handMl($basis['amount'], $basis['unit']);
        $makeMl = handMl($make['amount'], $make['unit']);
        if ($basis['of'] === 'finished' && $room >= $basisMl) {
            continue;
        }
        $scale = $makeMl / ($basis['of'] === 'water' ? $basisMl + $room : $basisMl);
        $plan = $writer->write(Plans::of(['recipe' => Plans::recipe($lines, $basis), 'make' => $make, 'sprayer' => $sprayer, 'highEnd' => $high, 'factor' => $factor]));

        expect($plan->finished_mL)->toEqualWithDelta($makeMl, 1e-9 * $makeMl)
            ->and($plan->water_mL)->toEqualWithDelta($makeMl - $room * $scale, 1e-9 * $makeMl);
        $sums = ['neem-oil' => 0.0, 'castile-soap' => 0.0, 'isopropyl-alcohol' => 0.0, 'baking-soda' => 0.0, 'peppermint-oil' => 0.0];
        foreach ($lines as $i => $line) {
            $wanted = $each[$i] * $scale;
            expect($plan->lines[$i]->mL)->toEqualWithDelta($wanted, 1e-9 * $wanted)
                ->and($plan->lines[$i]->g)->toEqualWithDelta($wanted * handDensity($line), 1e-9 * $wanted);
            $sums[$line['ingredient']] += $wanted * match ($line['ingredient']) {
                'isopropyl-alcohol' => ($line['strength'] ?? 70.0) / 100,
                'baking-soda' => DENSITY['baking-soda'],
                default => 1.0,
            };
        }
        foreach (['oil_percent_vv' => 'neem-oil', 'essential_percent_vv' => 'peppermint-oil', 'soap_percent_vv' => 'castile-soap', 'alcohol_percent_vv' => 'isopropyl-alcohol', 'soda_percent_wv' => 'baking-soda'] as $key => $slug) {
            expect($plan->strength[$key])->toEqualWithDelta(100 * $sums[$slug] / $makeMl, 1e-9 * 100);
        }

        // Full loads first, the rest last; each as strong as the whole.
        $sprayerMl = handMl($sprayer['amount'], $sprayer['unit']);
        $full = (int) floor($makeMl / $sprayerMl + 1e-9);
        $rest = $makeMl - $full * $sprayerMl;
        $volumes = array_map(static fn($load): float => $load->finished_mL, $plan->loads);
        // A hundredth of a fill is no load; a rest below a tenth is shared out.
        $count = $full + ($rest > 0.01 * $sprayerMl || $full === 0 ? 1 : 0);
        $shared = $full > 0 && $rest > 1e-6 * $sprayerMl && $rest < 0.1 * $sprayerMl;
        expect($volumes)->toHaveCount($count);
        foreach ($volumes as $i => $volume) {
            expect($volume)->toEqualWithDelta($shared ? $makeMl / $count : ($i < $full ? $sprayerMl : $rest), 1e-6 * $sprayerMl);
        }
    }
});

it('says of each measured line how far it is off, from the spoons that it names', function (): void {
    $random = new Randomizer(new Mt19937(42));
    for ($round = 0; $round < 60; ++$round) {
        $measures = [['amount' => 1, 'unit' => '[tbs_us]'], ['amount' => 1, 'unit' => '[tsp_us]'], ['amount' => 1, 'unit' => '[drp]']];
        $plan = PlanWriter::shipped()->write(Plans::of(['recipe' => Plans::recipe(handLines($random), ['amount' => 1, 'unit' => '[gal_us]', 'of' => 'water']), 'make' => ['amount' => 2, 'unit' => 'L'], 'measures' => $measures]));
        foreach ($plan->loads as $load) {
            foreach ($load->lines as $line) {
                $sum = 0.0;
                foreach ($line->measured->scoops as $scoop) {
                    expect($scoop->count)->toBeGreaterThan(0);
                    $sum += $scoop->count * handMl((float) $scoop->amount, $scoop->unit);
                }
                expect($line->measured->mL)->toEqualWithDelta($sum, 1e-9 * $sum)
                    ->and($line->measured->error_percent)->toEqualWithDelta(100 * ($sum / $line->mL - 1), 1e-6);
            }
        }
    }
});
