<?php

declare(strict_types=1);

use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Phrase\PhraseWriter;
use IdleMixer\Core\Phrase\Spelling;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\RecipeLine;
use IdleMixer\Core\Tests\Support\NodeScript;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** mL or g that a typed amount of neem comes to; null when it is asked about. */
function poured(string $text, ?Kitchen $kitchen): ?float
{
    $line = PhraseReader::shipped($kitchen)->read($text)->lines[0] ?? null;

    return $line?->unit === null ? null : $line->low * $line->unit->inBase();
}

/** @return list<array{string, string}> spelling, UCUM code, for the kitchen */
function spellings(string $kitchen): array
{
    $us = ['tbsp' => '[tbs_us]', 'Tablespoons' => '[tbs_us]', 'TBS' => '[tbs_us]', 'tsp' => '[tsp_us]', 'tea spoons' => '[tsp_us]', 'cup' => '[cup_us]', 'fl oz' => '[foz_us]', 'fluid ounces' => '[foz_us]', 'pint' => '[pt_us]', 'qt' => '[qt_us]', 'quarts' => '[qt_us]', 'gal' => '[gal_us]', 'gallons' => '[gal_us]'];
    $british = ['tbsp' => '[tbs_m]', 'tsp' => '[tsp_m]', 'fl oz' => '[foz_br]', 'pints' => '[pt_br]', 'gallon' => '[gal_br]'];
    $always = ['ml' => 'mL', 'mL' => 'mL', 'cc' => 'mL', 'litres' => 'L', 'l' => 'L', 'cl' => 'cL', 'dl' => 'dL', 'g' => 'g', 'kg' => 'kg', 'drops' => '[drp]', 'lb' => '[lb_av]', 'oz by weight' => '[oz_av]'];
    $rows = [...match ($kitchen) {
        'us' => $us,
        'metric' => ['tbsp' => '[tbs_m]', 'tsp' => '[tsp_m]'],
        default => $british,
    }, ...$always];

    return array_map(static fn(string $word, string $code): array => [$word, $code], array_keys($rows), $rows);
}

/*
 * Source: the UCUM reference library @lhncbc/ucum-lhc, run as it is published. Which UCUM unit a word stands for in a
 * kitchen: common practice, no source.
 */
it('reads each spelling as the unit of the reference library', function (Kitchen $kitchen): void {
    $script = <<<'JS'
        import pkg from '@lhncbc/ucum-lhc';
        let text = '';
        for await (const chunk of process.stdin) text += chunk;
        const utils = pkg.UcumLhcUtils.getInstance();
        const base = (code) => (/^(g|kg|\[lb_av\]|\[oz_av\])$/.test(code) ? 'g' : 'mL');
        process.stdout.write(JSON.stringify(JSON.parse(text).map(([, code]) => utils.convertUnitTo(code, 1, base(code)).toVal)));
        JS;
    $rows = spellings($kitchen->value);
    $factors = NodeScript::run($script, $rows);
    foreach ($rows as $i => [$word]) {
        $factor = $factors[$i];
        assert(is_int($factor) || is_float($factor));
        foreach (['2' => 2.0, '1 1/2' => 1.5, '¾' => 0.75, '2,5' => 2.5, 'three' => 3.0] as $number => $value) {
            expect(poured("{$number} {$word} neem", $kitchen))->toEqualWithDelta($value * $factor, $value * $factor * 1e-9, "{$number} {$word}");
        }
    }
})->with([[Kitchen::Us], [Kitchen::British], [Kitchen::Metric]]);

it('knows the large spoon of Australia and the cup of 250 mL', function (): void {
    // Australian tablespoon 20 mL, metric cup 250 mL: standard kitchen measures, from memory.
    expect(poured('1 tbsp neem', Kitchen::Australian))->toBe(20.0)
        ->and(poured('1 tsp neem', Kitchen::Australian))->toBe(5.0)
        ->and(poured('half a cup neem', Kitchen::Australian))->toBe(125.0)
        ->and(poured('1 US tbsp neem', Kitchen::Australian))->toEqualWithDelta(14.78676478125, 1e-9);
});

it('takes back any amount that it writes', function (): void {
    $random = new Randomizer(new Mt19937(31));
    $catalogue = IngredientCatalogue::shipped();
    $ingredients = array_values(array_filter($catalogue->slugs(), static fn(string $slug): bool => $slug !== 'egg'));
    $units = array_values(array_filter(Unit::cases(), static fn(Unit $unit): bool => in_array($unit->dimension(), [Dimension::Volume, Dimension::Mass], true)));
    for ($round = 0; $round < 400; ++$round) {
        $ingredient = $catalogue->get($ingredients[$random->getInt(0, count($ingredients) - 1)]);
        $value = [$random->getInt(1, 40) / 4, $random->getInt(1, 30) / 3, $random->getInt(1, 99_999) / 1000, (float) $random->getInt(1, 5000)][$random->getInt(0, 3)];
        $top = $random->getInt(0, 2) === 0 ? $value * 2 : null;
        $strength = $ingredient->substance->hasStrength() ? (float) $random->getInt(1, 99) : null;
        $unit = $units[$random->getInt(0, count($units) - 1)];
        $written = PhraseWriter::line(RecipeLine::ofIngredient($ingredient, Amount::of($value, $unit), $top, $strength));
        $heard = PhraseReader::shipped()->read($written);
        $line = $heard->lines[0] ?? null;

        expect($line?->slug())->toBe($ingredient->slug, $written)
            ->and(($line->low ?? 0.0) * ($line?->unit?->inBase() ?? 0.0))->toEqualWithDelta($value * $unit->factor(), 1e-9 * $value * $unit->factor(), $written)
            ->and($line?->strength)->toBe($strength, $written);
        if ($top !== null) {
            expect(($line->high ?? 0.0) * ($line?->unit?->inBase() ?? 0.0))->toEqualWithDelta($top * $unit->factor(), 1e-9 * $top * $unit->factor(), $written);
        }
    }
});

// Common practice, no source: recipes are written in quarters and thirds of a spoon, and otherwise in figures.
it('writes a line as it stands in a recipe', function (float $value, Unit $unit, ?float $top, string $line): void {
    expect(PhraseWriter::line(RecipeLine::ofIngredient(IngredientCatalogue::shipped()->get('neem-oil'), Amount::of($value, $unit), $top, null)))->toBe($line);
})->with([
    [0.25, Unit::UsTeaspoon, null, '1/4 US tsp neem oil'],
    [1 / 3, Unit::UsTablespoon, null, '1/3 US tbsp neem oil'],
    [1.5, Unit::UsTeaspoon, 2.0, '1 1/2 to 2 US tsp neem oil'],
    [2 / 3, Unit::UsTeaspoon, 4 / 3, '2/3 to 1 1/3 US tsp neem oil'],
    [2.75, Unit::UsCup, null, '2 3/4 US cup neem oil'],
    [0.7, Unit::UsTeaspoon, null, '0.7 US tsp neem oil'],
]);

// Two slips in a long word are mended, three are not; two letters that changed places are one slip, and the likeliest of all.
it('mends two slips of a long word and no third', function (string $typed, ?string $meant): void {
    expect((new Spelling(['detergent' => 'soap', 'peroxide' => 'peroxide', 'castile' => 'soap', 'castle' => 'place']))->meant($typed))->toBe($meant);
})->with([
    ['dteergent', 'detergent'], ['dteregent', 'detergent'], ['dtergxent', 'detergent'],
    'a swap and two wrong letters' => ['dteergxnx', null],
    'a swap and a wrong letter' => ['dteergenx', 'detergent'],
    'three wrong letters' => ['dxtxrxent', null],
    // A swap of one word, a letter too few of the other.
    ['casitle', 'castile'],
]);

// The house's own lines: from four letters on one slip is mended, from seven on two.
it('mends more in a long word than in a short one', function (string $typed, ?string $meant): void {
    expect((new Spelling(['oil' => 'oil', 'soap' => 'soap', 'spirit' => 'alcohol', 'alcohol' => 'alcohol']))->meant($typed))->toBe($meant);
})->with([
    ['oal', null], ['soep', 'soap'], ['soxx', null], ['spyrit', 'spirit'], ['spyryt', null], ['alkohol', 'alcohol'], ['alkohal', 'alcohol'], ['alkyhal', null],
]);
