<?php

declare(strict_types=1);

use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Temperature;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Tests\Support\NodeScript;

/*
 * Source: the UCUM reference library @lhncbc/ucum-lhc, run as it is published.
 */
const CONVERT = <<<'JS'
    import pkg from '@lhncbc/ucum-lhc';
    let text = '';
    for await (const chunk of process.stdin) text += chunk;
    const utils = pkg.UcumLhcUtils.getInstance();
    process.stdout.write(JSON.stringify(JSON.parse(text).map(([from, value, to]) => utils.convertUnitTo(from, value, to).toVal)));
    JS;

it('has the factor of the reference library for every unit of the open documents, to 1e-9', function (): void {
    $base = ['volume' => 'mL', 'mass' => 'g', 'count' => '1', 'hardness' => 'mg/L', 'temperature' => 'K'];
    $units = array_values(array_filter(Unit::cases(), static fn(Unit $unit): bool => $unit->dimension() !== Dimension::Temperature));
    $reference = NodeScript::run(CONVERT, array_map(static fn(Unit $unit): array => [$unit->value, 1, $base[$unit->dimension()->value]], $units));

    expect($units)->toHaveCount(19);
    foreach ($units as $i => $unit) {
        $factor = $reference[$i] ?? null;
        assert(is_int($factor) || is_float($factor), "{$unit->value} is not known to the reference library");
        expect(abs($unit->factor() / $factor - 1.0))->toBeLessThan(1e-9, $unit->value);
    }
});

it('converts temperatures as the reference library does', function (float $fahrenheit): void {
    $reference = NodeScript::run(CONVERT, [['[degF]', $fahrenheit, 'Cel']]);

    expect(Temperature::of($fahrenheit, Unit::Fahrenheit)->celsius())->toEqualWithDelta($reference[0] ?? null, 1e-9);
})->with([[40.0], [90.0], [98.6], [212.0]]);

it('knows every code of the open documents and no other', function (): void {
    // The list of the open documents; the order is theirs.
    $codes = ['mL', 'L', 'g', '[tsp_us]', '[tbs_us]', '[foz_us]', '[cup_us]', '[pt_us]', '[qt_us]', '[gal_us]', '[foz_br]', '[pt_br]', '[gal_br]', '[tsp_m]', '[tbs_m]', '[drp]', '[oz_av]', 'Cel', '[degF]', 'mg/L', '1'];

    expect(array_column(Unit::cases(), 'value'))->toEqualCanonicalizing($codes);
});

it('keeps the exact relations of the US measures', function (): void {
    // NIST Handbook 44, Appendix C (from memory): gallon 231 cubic inches; tablespoon 1/256, teaspoon 1/768, fluid ounce 1/128, cup 1/16 of it.
    $gallon = 231 * 2.54 ** 3;
    expect(Unit::UsGallon->factor())->toEqualWithDelta($gallon, 1e-9)
        ->and(Unit::UsTablespoon->factor() * 256)->toEqualWithDelta($gallon, 1e-9)
        ->and(Unit::UsTeaspoon->factor() * 768)->toEqualWithDelta($gallon, 1e-9)
        ->and(Unit::UsFluidOunce->factor() * 128)->toEqualWithDelta($gallon, 1e-9)
        ->and(Unit::UsCup->factor() * 16)->toEqualWithDelta($gallon, 1e-9)
        // UK units of measurement regulations (from memory): fluid ounce 1/160 of 4.54609 L.
        ->and(Unit::ImperialFluidOunce->factor() * 160)->toEqualWithDelta(4546.09, 1e-9)
        ->and(Unit::ImperialPint->factor() * 8)->toEqualWithDelta(4546.09, 1e-9);
});

it('lists under each dimension just its own codes', function (): void {
    $all = [];
    foreach (Dimension::cases() as $dimension) {
        foreach (Unit::codes($dimension) as $code) {
            expect(Unit::from($code)->dimension())->toBe($dimension);
            $all[] = $code;
        }
    }
    expect($all)->toEqualCanonicalizing(array_column(Unit::cases(), 'value'));
});
