<?php

declare(strict_types=1);

use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Phrase\SpokenKind;
use IdleMixer\Core\Phrase\SpokenLine;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Wording\PhraseWords;

/*
 * Unit sizes here are worked out from their definitions, not taken from the product: US gallon 231 cubic inches of 2.54 cm
 * (NIST Handbook 44, Appendix C), imperial gallon 4.54609 L (UK units of measurement regulations), Australian tablespoon 20 mL,
 * metric cup 250 mL, pound 453.59237 g (international yard and pound agreement), all from memory. What the phrases mean is
 * common practice, no source.
 */
const US_GALLON = 231 * 2.54 ** 3;
const IMP_GALLON = 4546.09;
const US_TBSP = US_GALLON / 256;
const US_TSP = US_GALLON / 768;
const US_CUP = US_GALLON / 16;

/** @return list<array{string, string, string, float, float|null, 4?: float}> text, ingredient, kind, low and high in mL, g, pieces, percent or parts; per mL */
function usPhrases(): array
{
    $gal = US_GALLON;

    return [
        ['1 1/2 tbsp neem', 'neem-oil', 'amount', 1.5 * US_TBSP, null],
        ['1½ tsp soda', 'baking-soda', 'amount', 1.5 * US_TSP, null],
        ['2,5 ml soap', 'castile-soap', 'amount', 2.5, null],
        ['half a cup oil', 'vegetable-oil', 'amount', US_CUP / 2, null],
        ['10 drops soap', 'castile-soap', 'amount', 0.5, null],
        ['30 ml/l neem', 'neem-oil', 'rate', 30.0, null, 1000.0],
        ['1 % paraffin', 'paraffin-oil', 'percent', 1.0, null],
        ['2-4 tbsp neem per gallon', 'neem-oil', 'rate', 2 * US_TBSP, 4 * US_TBSP, $gal],
        ['2-4 tbsp per gallon neem', 'neem-oil', 'rate', 2 * US_TBSP, 4 * US_TBSP, $gal],
        ['1 tbsp neem', 'neem-oil', 'amount', US_TBSP, null],
        ['1tbsp neem', 'neem-oil', 'amount', US_TBSP, null],
        ['2 tablespoons of neem oil', 'neem-oil', 'amount', 2 * US_TBSP, null],
        ['2 Tablespoons Neem Oil', 'neem-oil', 'amount', 2 * US_TBSP, null],
        ['two tablespoons neem', 'neem-oil', 'amount', 2 * US_TBSP, null],
        ['a tablespoon of neem', 'neem-oil', 'amount', US_TBSP, null],
        ['one tbsp. neem', 'neem-oil', 'amount', US_TBSP, null],
        ['3 tbs neem', 'neem-oil', 'amount', 3 * US_TBSP, null],
        ['2 tblsp vegetable oil', 'vegetable-oil', 'amount', 2 * US_TBSP, null],
        ['1/2 tsp soap', 'castile-soap', 'amount', US_TSP / 2, null],
        ['½ tsp castile soap', 'castile-soap', 'amount', US_TSP / 2, null],
        ['half a teaspoon of castile', 'castile-soap', 'amount', US_TSP / 2, null],
        ['a half teaspoon castile', 'castile-soap', 'amount', US_TSP / 2, null],
        ['half tsp castile', 'castile-soap', 'amount', US_TSP / 2, null],
        ['a quarter teaspoon soap bark', 'saponin-extract', 'amount', US_TSP / 4, null],
        ['quarter of a cup neem', 'neem-oil', 'amount', US_CUP / 4, null],
        ['a quarter cup of neem oil', 'neem-oil', 'amount', US_CUP / 4, null],
        ['three quarters of a cup vegetable oil', 'vegetable-oil', 'amount', 0.75 * US_CUP, null],
        ['two thirds of a cup kitchen oil', 'vegetable-oil', 'amount', 2 * US_CUP / 3, null],
        ['a third of a teaspoon rosemary', 'rosemary-oil', 'amount', US_TSP / 3, null],
        ['1/3 tsp rosemary oil', 'rosemary-oil', 'amount', US_TSP / 3, null],
        ['⅓ tsp rosemary', 'rosemary-oil', 'amount', US_TSP / 3, null],
        ['2/3 tsp dish soap', 'dish-detergent', 'amount', 2 * US_TSP / 3, null],
        ['1 1/3 tsp dish soap', 'dish-detergent', 'amount', 4 * US_TSP / 3, null],
        ['1⅓ tsp dish soap', 'dish-detergent', 'amount', 4 * US_TSP / 3, null],
        ['one and a half tablespoons neem', 'neem-oil', 'amount', 1.5 * US_TBSP, null],
        ['1 and 1/2 tbsp neem', 'neem-oil', 'amount', 1.5 * US_TBSP, null],
        ['two and a half tsp soda', 'baking-soda', 'amount', 2.5 * US_TSP, null],
        ['2.5 tbsp neem', 'neem-oil', 'amount', 2.5 * US_TBSP, null],
        ['.5 tsp soap', 'castile-soap', 'amount', US_TSP / 2, null],
        ['0.25 tsp polysorbate 20', 'polysorbate-20', 'amount', US_TSP / 4, null],
        ['2 × ½ tsp soda', 'baking-soda', 'amount', US_TSP, null],
        ['2 x 5 ml neem', 'neem-oil', 'amount', 10.0, null],
        ['2 to 4 tbsp neem', 'neem-oil', 'amount', 2 * US_TBSP, 4 * US_TBSP],
        ['2–4 tbsp neem', 'neem-oil', 'amount', 2 * US_TBSP, 4 * US_TBSP],
        ['2 - 4 tbsp neem', 'neem-oil', 'amount', 2 * US_TBSP, 4 * US_TBSP],
        ['2 or 3 drops dish soap', 'dish-detergent', 'amount', 0.1, 0.15],
        ['20-30 drops peppermint', 'peppermint-oil', 'amount', 1.0, 1.5],
        ['2/3 to 1 1/3 tsp soap', 'castile-soap', 'amount', 2 * US_TSP / 3, 4 * US_TSP / 3],
        ['1½ to 2 tsp neem', 'neem-oil', 'amount', 1.5 * US_TSP, 2 * US_TSP],
        ['one or two teaspoons rosemary', 'rosemary-oil', 'amount', US_TSP, 2 * US_TSP],
        ['1 tsp to 1 tbsp castile', 'castile-soap', 'amount', US_TSP, US_TBSP],
        ['1 tsp to 1 tbsp castile per quart', 'castile-soap', 'rate', US_TSP, US_TBSP, $gal / 4],
        ['1 fl oz neem', 'neem-oil', 'amount', $gal / 128, null],
        ['2 fluid ounces of neem', 'neem-oil', 'amount', $gal / 64, null],
        ['4 fl. oz. vegetable oil', 'vegetable-oil', 'amount', $gal / 32, null],
        ['1 cup kitchen oil', 'vegetable-oil', 'amount', US_CUP, null],
        ['2 cups rubbing alcohol', 'isopropyl-alcohol', 'amount', 2 * US_CUP, null],
        ['1 pint alcohol', 'isopropyl-alcohol', 'amount', $gal / 8, null],
        ['1 quart isopropyl alcohol', 'isopropyl-alcohol', 'amount', $gal / 4, null],
        ['10 mL castile', 'castile-soap', 'amount', 10.0, null],
        ['10ml castile', 'castile-soap', 'amount', 10.0, null],
        ['5 millilitres neem', 'neem-oil', 'amount', 5.0, null],
        ['5 cc neem', 'neem-oil', 'amount', 5.0, null],
        ['2 cl sunflower oil', 'vegetable-oil', 'amount', 20.0, null],
        ['1 dl rapeseed oil', 'vegetable-oil', 'amount', 100.0, null],
        ['0,5 l paraffin oil', 'paraffin-oil', 'amount', 500.0, null],
        ['1 litre horticultural oil', 'horticultural-oil', 'amount', 1000.0, null],
        ['5 g soda', 'baking-soda', 'amount', 5.0, null],
        ['5 grams of baking soda', 'baking-soda', 'amount', 5.0, null],
        ['0.1 kg bicarb', 'baking-soda', 'amount', 100.0, null],
        ['500 mg bicarbonate of soda', 'baking-soda', 'amount', 0.5, null],
        ['1 lb baking soda', 'baking-soda', 'amount', 453.59237, null],
        ['2 oz by weight baking soda', 'baking-soda', 'amount', 453.59237 / 8, null],
        ['1 egg', 'egg', 'amount', 1.0, null],
        ['2 eggs', 'egg', 'amount', 2.0, null],
        ['an egg', 'egg', 'amount', 1.0, null],
        ['three eggs', 'egg', 'amount', 3.0, null],
        ['2 dessertspoons olive oil', 'vegetable-oil', 'amount', 20.0, null],
        ['neem 2 tbsp', 'neem-oil', 'amount', 2 * US_TBSP, null],
        ['neem oil: 2 tbsp', 'neem-oil', 'amount', 2 * US_TBSP, null],
        ['soap, 1 tsp', 'castile-soap', 'amount', US_TSP, null],
        ['about 2 tbsp neem', 'neem-oil', 'amount', 2 * US_TBSP, null],
        ['~2 tbsp neem', 'neem-oil', 'amount', 2 * US_TBSP, null],
        ['2 level tsp soda', 'baking-soda', 'amount', 2 * US_TSP, null],
        ['add 2 tbsp of the neem', 'neem-oil', 'amount', 2 * US_TBSP, null],
        ['2 US tablespoons neem', 'neem-oil', 'amount', 2 * US_TBSP, null],
        ['2 metric tablespoons neem', 'neem-oil', 'amount', 30.0, null],
        ['1 metric teaspoon soap', 'castile-soap', 'amount', 5.0, null],
        ['1 Australian tablespoon neem', 'neem-oil', 'amount', 20.0, null],
        ['1 aus tbsp neem', 'neem-oil', 'amount', 20.0, null],
        ['1 metric cup oil', 'vegetable-oil', 'amount', 250.0, null],
        ['1 imperial fl oz neem', 'neem-oil', 'amount', IMP_GALLON / 160, null],
        ['1 uk pint alcohol', 'isopropyl-alcohol', 'amount', IMP_GALLON / 8, null],
        ['1 imperial quart alcohol', 'isopropyl-alcohol', 'amount', IMP_GALLON / 4, null],
        ['5 ml per litre neem', 'neem-oil', 'rate', 5.0, null, 1000.0],
        ['5 ml neem per litre', 'neem-oil', 'rate', 5.0, null, 1000.0],
        ['5 ml neem per litre of water', 'neem-oil', 'rate', 5.0, null, 1000.0],
        ['2 tbsp a gallon neem', 'neem-oil', 'rate', 2 * US_TBSP, null, $gal],
        ['2 tbsp neem a gallon', 'neem-oil', 'rate', 2 * US_TBSP, null, $gal],
        ['2 tbsp neem in a gallon', 'neem-oil', 'rate', 2 * US_TBSP, null, $gal],
        ['2 tbsp neem in a gallon of water', 'neem-oil', 'rate', 2 * US_TBSP, null, $gal],
        ['2 tbsp neem in 2 gallons', 'neem-oil', 'rate', 2 * US_TBSP, null, 2 * $gal],
        ['2 tbsp neem to a gallon', 'neem-oil', 'rate', 2 * US_TBSP, null, $gal],
        ['2 tbsp neem to 1 gallon of water', 'neem-oil', 'rate', 2 * US_TBSP, null, $gal],
        ['2 tbsp neem for every gallon', 'neem-oil', 'rate', 2 * US_TBSP, null, $gal],
        ['2 tbsp neem per imperial gallon', 'neem-oil', 'rate', 2 * US_TBSP, null, IMP_GALLON],
        ['2 tsp soda / quart', 'baking-soda', 'rate', 2 * US_TSP, null, $gal / 4],
        ['1/2 tsp soap/qt', 'castile-soap', 'rate', US_TSP / 2, null, $gal / 4],
        ['10 drops soap per litre', 'castile-soap', 'rate', 0.5, null, 1000.0],
        ['4 g soda per 1 l', 'baking-soda', 'rate', 4.0, null, 1000.0],
        ['2 tsp oil per cup', 'vegetable-oil', 'rate', 2 * US_TSP, null, US_CUP],
        ['15 ml in 500 ml neem', 'neem-oil', 'rate', 15.0, null, 500.0],
        ['neem 5 ml/l', 'neem-oil', 'rate', 5.0, null, 1000.0],
        ['1% neem', 'neem-oil', 'percent', 1.0, null],
        ['1 percent neem', 'neem-oil', 'percent', 1.0, null],
        ['1 to 2 % horticultural oil', 'horticultural-oil', 'percent', 1.0, 2.0],
        ['0,5 % castile', 'castile-soap', 'percent', 0.5, null],
        ['neem 1 %', 'neem-oil', 'percent', 1.0, null],
        ['half a percent soda', 'baking-soda', 'percent', 0.5, null],
        ['25 % alcohol from 70 %', 'isopropyl-alcohol', 'percent', 25.0, null],
        ['25% isopropyl out of 91%', 'isopropyl-alcohol', 'percent', 25.0, null],
        ['1 % peroxide from 3 %', 'hydrogen-peroxide', 'percent', 1.0, null],
        ['1 cup 91 % alcohol', 'isopropyl-alcohol', 'amount', US_CUP, null],
        ['1 cup alcohol 91 %', 'isopropyl-alcohol', 'amount', US_CUP, null],
        ['1 cup of alcohol at 50 %', 'isopropyl-alcohol', 'amount', US_CUP, null],
        ['30 ml hydrogen peroxide (3 %)', 'hydrogen-peroxide', 'amount', 30.0, null],
        ['91 % alcohol 2 cups', 'isopropyl-alcohol', 'amount', 2 * US_CUP, null],
        ['1:100 neem', 'neem-oil', 'parts', 1.0, null, 100.0],
        ['neem 1:100', 'neem-oil', 'parts', 1.0, null, 100.0],
        ['1:1 alcohol', 'isopropyl-alcohol', 'parts', 1.0, null, 1.0],
        ['1 part alcohol to 2 parts water', 'isopropyl-alcohol', 'parts', 1.0, null, 2.0],
        ['a splash of neem', 'neem-oil', 'amount', 5.0, 15.0],
        ['a squirt of soap', 'castile-soap', 'amount', 2.0, 6.0],
        ['a few drops of dish soap', 'dish-detergent', 'amount', 0.15, 0.5],
        ['few drops soap', 'castile-soap', 'amount', 0.15, 0.5],
        ['two squirts of soap', 'castile-soap', 'amount', 4.0, 12.0],
        ['a pinch of soda', 'baking-soda', 'amount', 0.2, 0.6],
        ['a capful of neem', 'neem-oil', 'amount', 4.0, 12.0],
        ['a glug of oil', 'vegetable-oil', 'amount', 15.0, 45.0],
    ];
}

// By hand: a US cup of oil at 0.92 g/mL and a tablespoon of soap at 1.03 are 232.9 g in 251.4 mL; an egg of 50 g at 1.03 and 50 mL of oil 96 g in 98.5 mL.
it('knows what room a weight of a stock takes', function (string $slug, float $millilitres): void {
    $stock = array_values(array_filter(RecipeCatalogue::shipped()->stocks(), static fn(Recipe $one): bool => $one->slug === $slug))[0];
    expect((new SpokenLine($stock, SpokenKind::Amount, 100.0, null, null))->millilitres(Amount::of(100.0, Unit::Gram)))->toEqualWithDelta($millilitres, 0.05);
})->with([['kitchen-oil-stock-mild', 107.94], ['egg-oil-mayonnaise', 102.65]]);

// As any dictionary of English has them.
it('reads numbers that are spelt out', function (string $spelt, float $number): void {
    $line = PhraseReader::shipped(Kitchen::Metric)->read("{$spelt} ml of castile soap")->lines[0] ?? null;
    expect([$line?->low, $line?->high, $line?->unit?->unit])->toBe([$number, null, Unit::Millilitre]);
})->with([
    ...array_map(static fn(string $word, int $n): array => [$word, $n + 1.0], $words = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen'], array_keys($words)),
    ...array_map(static fn(string $word, int $n): array => [$word, 10.0 * ($n + 2)], $tens = ['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'], array_keys($tens)),
    ['twenty-five', 25.0], ['thirty one', 31.0], ['ninety-nine', 99.0], ['a hundred', 100.0], ['one hundred', 100.0], ['two hundred', 200.0], ['two-hundred', 200.0], ['two hundred and fifty', 250.0], ['three hundred and twenty-five', 325.0],
    ['a hundred and five', 105.0], ['fifteen hundred', 1500.0], ['a dozen', 12.0], ['three dozen', 36.0], ['half a dozen', 6.0], ['half dozen', 6.0], ['a quarter of a hundred', 25.0], ['one and a half', 1.5], ['twelve and a half', 12.5], ['two hundred and a half', 200.5],
]);

it('reads more than a hundred and twenty ways of saying it', function (): void {
    expect(count(usPhrases()))->toBeGreaterThan(120);
});

it('understands', function (string $text, string $slug, string $kind, float $low, ?float $high, ?float $per = null): void {
    $heard = PhraseReader::shipped(Kitchen::Us)->read($text);
    expect($heard->refusal?->finding->value)->toBeNull()->and($heard->question?->finding->value)->toBeNull()->and($heard->lines)->toHaveCount(1);
    $line = $heard->lines[0];
    $times = $line->unit === null ? 1.0 : $line->unit->inBase();
    expect($line->slug())->toBe($slug)
        ->and($line->kind->value)->toBe($kind)
        ->and($line->low * $times)->toEqualWithDelta($low, 1e-9 * $low)
        ->and($line->high === null)->toBe($high === null)
        ->and(($line->high ?? 0.0) * $times)->toEqualWithDelta($high ?? 0.0, 1e-9 * ($high ?? 1.0))
        ->and($line->per?->millilitres() ?? $line->waterParts ?? 0.0)->toEqualWithDelta($per ?? 0.0, 1e-6)
        ->and(PhraseWords::shipped()->line($line))->toContain($line->name());
})->with(usPhrases());

it('takes an egg and its oil from one line', function (): void {
    $lines = PhraseReader::shipped(Kitchen::Metric)->read('1 egg to 50 ml oil')->lines;
    expect(array_map(static fn(SpokenLine $line): string => "{$line->slug()} {$line->low} {$line->unit?->words}", $lines))
        ->toBe(['egg 1 egg', 'vegetable-oil 50 mL']);
});

it('hears the water', function (string $text, float $ml, string $of): void {
    $basis = PhraseReader::shipped(Kitchen::Us)->read($text)->basis;
    expect($basis?->of->value)->toBe($of)->and($basis?->millilitres())->toEqualWithDelta($ml, 1e-6);
})->with([
    ['1 gal water', US_GALLON, 'water'],
    ['1 gallon of warm water', US_GALLON, 'water'],
    ['in a quart of water', US_GALLON / 4, 'water'],
    ['500 ml rain water', 500.0, 'water'],
    ['1½ litres water', 1500.0, 'water'],
    ['made up to 32 fl oz', US_GALLON / 4, 'finished'],
    ['top up to 1 l', 1000.0, 'finished'],
    ['water to 20 fl oz', US_GALLON * 20 / 128, 'finished'],
    ['1 litre of finished spray', 1000.0, 'finished'],
    ['2 imperial gallons in total', 2 * IMP_GALLON, 'finished'],
]);

it('goes by the kitchen of the household', function (Kitchen $kitchen, string $text, float $ml): void {
    $line = PhraseReader::shipped($kitchen)->read($text)->lines[0] ?? null;
    expect(($line->low ?? 0.0) * ($line?->unit?->inBase() ?? 0.0))->toEqualWithDelta($ml, 1e-9);
})->with([
    [Kitchen::Us, '1 tbsp neem', US_TBSP], [Kitchen::British, '1 tbsp neem', 15.0], [Kitchen::Australian, '1 tbsp neem', 20.0], [Kitchen::Metric, '1 tbsp neem', 15.0],
    [Kitchen::Us, '1 tsp neem', US_TSP], [Kitchen::British, '1 tsp neem', 5.0], [Kitchen::Australian, '1 tsp neem', 5.0],
    [Kitchen::Us, '1 cup oil', US_CUP], [Kitchen::British, '1 cup oil', IMP_GALLON / 16], [Kitchen::Australian, '1 cup oil', 250.0], [Kitchen::Metric, '1 cup oil', 250.0],
    [Kitchen::Us, '1 pint alcohol', US_GALLON / 8], [Kitchen::British, '1 pint alcohol', IMP_GALLON / 8],
    [Kitchen::Us, '1 fl oz neem', US_GALLON / 128], [Kitchen::British, '1 fl oz neem', IMP_GALLON / 160], [Kitchen::Australian, '1 gallon alcohol', IMP_GALLON],
]);

it('asks what is meant', function (?Kitchen $kitchen, string $text, string $code, int $answers): void {
    $question = PhraseReader::shipped($kitchen)->read($text)->question;
    expect($question?->finding->value)->toBe($code)->and($question->answers ?? [])->toHaveCount($answers);
    foreach ($question->answers ?? [] as ['line' => $line]) {
        $again = PhraseReader::shipped($kitchen)->read($line);
        expect($again->question?->finding->value === $code && $again->question->word === $question?->word)->toBeFalse("answered, it asks the same again: {$line}")
            ->and($again->refusal?->finding->value)->toBeNull();
    }
    expect($question === null ? '' : PhraseWords::shipped()->question($question))->toEndWith('?');
})->with([
    [Kitchen::Us, '2 oz neem', 'unit-unclear', 3],
    [Kitchen::British, '2 ounces soda', 'unit-unclear', 3],
    [null, '2 oz per gallon neem', 'unit-unclear', 3],
    [Kitchen::Us, '2 T soda', 'unit-unclear', 2],
    [Kitchen::Us, '2 t soda', 'unit-unclear', 2],
    [Kitchen::Us, 'a spoonful of neem', 'unit-unclear', 2],
    [null, '1 tbsp neem', 'unit-unclear', 3],
    [null, '1 teaspoon soap', 'unit-unclear', 2],
    [null, '1 cup oil', 'unit-unclear', 3],
    [null, '1 pint alcohol', 'unit-unclear', 2],
    [null, '1 gallon of water', 'unit-unclear', 2],
    [null, '5 ml neem per gallon', 'unit-unclear', 2],
    [null, '1 fl oz neem', 'unit-unclear', 2],
    [Kitchen::Metric, '1 gallon of water', 'unit-unclear', 2],
    [Kitchen::Metric, '1 pint water', 'unit-unclear', 2],
    [Kitchen::Us, '1,000 ml oil', 'thousand', 2],
    [Kitchen::Us, '1.000 ml oil', 'thousand', 2],
    [Kitchen::Us, '1-1/2 tsp soda', 'mixed-or-range', 2],
    [Kitchen::Us, '70 % alcohol', 'whose-percent', 2],
    [Kitchen::Us, '3 % peroxide', 'whose-percent', 2],
]);

it('reads a line of two hundred letters, and none that is longer', function (): void {
    $line = static fn(int $letters): ?string => PhraseReader::shipped(Kitchen::Us)->read(str_pad('2 tbsp neem oil', $letters))->refusal?->finding->value;
    expect([$line(200), $line(201)])->toBe([null, 'too-long']);
});

// What is far off is no hint: nobody means a dash by a fish.
it('hints at a word that is near, and at none that is far', function (string $text, ?string $near): void {
    $refusal = PhraseReader::shipped(Kitchen::Us)->read($text)->refusal;
    expect([$refusal?->finding->value, $refusal->args['near'] ?? null])->toBe([$near === null ? 'unknown-word' : 'misspelt', $near]);
})->with([
    ['2 tbsp meem', 'neem'], ['2 tbsp heem oil', 'neem'], ['1 tsp zoap', 'soap'],
    ['2 tbsp fish oil', null], ['2 tbsp seam oil', null], ['1 squirt dawn', null], ['one egg yolk', null], ['1 tsp soap or less', null], ['1 tbsp xyz', null],
    ['2 tbsp kastille soap', 'castile'],
]);

it('refuses', function (string $text, string $code): void {
    $heard = PhraseReader::shipped(Kitchen::Us)->read($text);
    expect($heard->refusal?->finding->value)->toBe($code)
        ->and($heard->lines)->toBe([])
        ->and(strlen($heard->refusal === null ? '' : PhraseWords::shipped()->refusal($heard->refusal)))->toBeGreaterThan(20);
})->with([
    ['', 'empty'], ['   ', 'empty'], ["\xff\xfe tbsp neem", 'not-text'], [str_repeat('neem ', 60), 'too-long'],
    ['0 tsp soda', 'zero'], ['0.0 ml neem', 'zero'], ['0/4 tsp soda', 'zero'], ['-2 tsp neem', 'negative'], ['− 2 tsp neem', 'negative'],
    ['1e3 ml oil', 'unknown-word'], ['1e300 ml oil', 'unknown-word'], ['999999999999 l neem', 'too-large'],
    ['1/0 tsp soda', 'number-unreadable'], ['1/2/3 tsp soda', 'number-unreadable'], ['1 3/2 tsp soda', 'number-unreadable'], ['1.5 1/2 tsp soda', 'number-unreadable'],
    ['1,000,000 ml oil', 'number-unreadable'], ['1.2.3 tsp soda', 'number-unreadable'],
    ['4-2 tbsp neem', 'range-backwards'], ['4 to 4 tbsp neem', 'range-backwards'], ['1 tbsp to 1 tsp neem', 'range-backwards'],
    ['heaped 5 g soda', 'size-of-what'], ['a heaped litre of soap', 'size-of-what'], ['a little soap', 'size-of-what'], ['3 heaped drops soap', 'size-of-what'],
    ['2 tbsp meem', 'misspelt'], ['2 tbsp unicorn', 'unknown-word'], ['2 foo neem', 'unknown-word'], ['2 tbsp <script>alert(1)</script>', 'unknown-word'],
    ['2 tbsp neem and soap', 'no-number'], ['2 tbsp neem soap', 'two-things'], ['2 tbsp neem + soap', 'no-number'],
    ['neem', 'no-number'], ['5 neem', 'no-unit'], ['5', 'no-ingredient'], ['2 tbsp', 'no-ingredient'], ['water', 'no-ingredient'],
    ['2 4 tsp soda', 'shape'], ['1:2:3 neem', 'shape'],
    ['2-3 gallons of water', 'water-range'], ['500 g water', 'water-weighed'], ['2 ml per kg neem', 'rate-per-what'],
    ['100 % neem', 'percent-too-much'], ['80 % alcohol from 70 %', 'stronger-than-bottle'], ['1 to 2 parts neem to 100 parts water', 'range-in-parts'], ['1-2:100 neem', 'shape'],
    ['1 cup 50 % neem', 'no-bottle-strength'], ['1 cup 120 % alcohol', 'bottle-strength'],
    ['1 cup tobacco tea', 'refused-nicotine'], ['3 cigarettes', 'refused-nicotine'], ['1 tsp nicotine', 'refused-nicotine'], ['2 tbsp bleach', 'refused-bleach'],
    ['1 cup vinegar', 'refused-acid'], ['1 cup ammonia', 'refused-ammonia'], ['1 tbsp kerosene', 'refused-fuel'], ['1 tbsp washing soda', 'refused-washing-soda'],
    ['1 tbsp laundry detergent', 'refused-machine-detergent'], ['1 tsp table salt', 'refused-salt'], ['1 tsp sulphur', 'refused-metal'], ['1 ml imidacloprid', 'refused-systemic'],
    ['1 cup denatured alcohol', 'refused-other-alcohol'], ['5 drops tea tree oil', 'refused-essential'],
]);

it('counts an amount by eye exactly once it was measured', function (): void {
    $line = PhraseReader::shipped(Kitchen::Us, ['squirt' => 3.5])->read('2 squirts of soap')->lines[0] ?? null;
    expect($line?->low)->toBe(7.0)->and($line?->high)->toBeNull();
});

// Facts of the kitchens, common practice, no source: a point is a decimal point where English is spoken, and may part thousands elsewhere.
it('asks where an amount has two readings, and each answer is read as it says', function (?Kitchen $kitchen, string $text, array $answers): void {
    $question = PhraseReader::shipped($kitchen)->read($text)->question;
    /** @var array<string, float|string> $answers */
    expect(array_column($question->answers ?? [], 'words'))->toBe(array_map(strval(...), array_keys($answers)));
    foreach (array_values($answers) as $i => $meant) {
        $heard = PhraseReader::shipped($kitchen)->read($question->answers[$i]['line'] ?? '');
        is_string($meant) ? expect($heard->refusal?->finding->value)->toBe($meant) : expect($heard->lines[0]->low ?? null)->toEqualWithDelta($meant, 1e-9);
    }
})->with([
    'three decimals in a metric kitchen' => [Kitchen::Metric, '1.500 ml neem', ['1.5' => 1.5, '1500' => 1500.0]],
    'and in an unknown one' => [null, '2,250 ml neem', ['2.25' => 2.25, '2250' => 2250.0]],
    'a nought behind that says nothing' => [Kitchen::Us, '1.500 ml neem', ['1.5' => 1.5, '1500' => 1500.0]],
    'a comma in an English one' => [Kitchen::Us, '1,234 ml oil', ['1.234' => 1.234, '1234' => 1234.0]],
    'one and a half, written together' => [Kitchen::Us, '11/2 tsp soap', ['1 1/2' => 1.5, '5.5' => 5.5]],
    'two and a quarter' => [Kitchen::Metric, '21/4 tsp soap', ['2 1/4' => 2.25, '5.25' => 5.25]],
    'spirits that may be no isopropyl' => [Kitchen::British, '10 ml surgical spirit', ['the label says isopropyl' => 10.0, 'the label says ethanol, denatured or methylated' => 'refused-other-alcohol']],
    'and meths' => [Kitchen::Us, '10 ml methylated spirit', ['the label says isopropyl' => 10.0, 'the label says ethanol, denatured or methylated' => 'refused-other-alcohol']],
]);

it('asks whether “to” is a rate or a range where it may be both, and each answer is read as it says', function (string $text, float $low, float $per, float $high): void {
    $heard = array_map(static fn(array $one): ?SpokenLine => PhraseReader::shipped(Kitchen::Us)->read($one['line'])->lines[0] ?? null, PhraseReader::shipped(Kitchen::Us)->read($text)->question->answers ?? []);
    expect($heard)->toHaveCount(2);
    [$rate, $range] = $heard;
    $ml = static fn(?float $count, ?SpokenLine $line): float => ($count ?? 0.0) * ($line?->unit?->inBase() ?? 0.0);
    expect($ml($rate?->low, $rate))->toEqualWithDelta($low, 1e-6)->and($rate?->high)->toBeNull()->and($rate?->per?->millilitres())->toEqualWithDelta($per, 1e-6)
        ->and($ml($range?->low, $range))->toEqualWithDelta($low, 1e-6)->and($ml($range?->high, $range))->toEqualWithDelta($high, 1e-6)->and($range?->per)->toBeNull();
})->with([
    'a cup to a gallon' => ['1 cup to 1 gallon castile soap', US_CUP, US_GALLON, US_GALLON],
    'in words, with more behind it' => ['a cup to a gallon of castile soap, 1 tsp neem', US_CUP, US_GALLON, US_GALLON],
    'the name first' => ['castile soap: 1 cup to 1 gallon', US_CUP, US_GALLON, US_GALLON],
    'spoons to less than a cup' => ['1 tbsp to 1/4 cup neem', US_TBSP, US_CUP / 4, US_CUP / 4],
    'a pint to a quart' => ['1 pint to 1 quart of neem oil', US_GALLON / 8, US_GALLON / 4, US_GALLON / 4],
]);

it('asks nothing where there is one reading', function (?Kitchen $kitchen, string $text, float $low, ?float $strength = null): void {
    $line = PhraseReader::shipped($kitchen)->read($text)->lines[0] ?? null;
    expect($line?->low)->toEqualWithDelta($low, 1e-9)->and($line?->strength)->toBe($strength);
})->with([
    'a point where a point is a decimal point' => [Kitchen::Us, '1.125 ml neem', 1.125],
    'below one' => [Kitchen::Metric, '0.125 l soap', 0.125],
    'two decimals' => [Kitchen::Metric, '1.25 l soap', 1.25],
    'a plain fraction' => [Kitchen::Us, '3/4 cup oil', 0.75],
    'halves of more' => [Kitchen::Us, '10/2 cup oil', 5.0],
    'what the bottle holds' => [Kitchen::Us, '1 cup 91% alcohol', 1.0, 91.0],
    'said behind' => [Kitchen::Metric, '250 ml alcohol 50 %', 250.0, 50.0],
    'the pharmacy in Britain' => [Kitchen::British, '10 ml liquid paraffin', 10.0],
    'paraffin elsewhere' => [Kitchen::Us, '10 ml paraffin', 10.0],
]);

it('refuses lamp fuel, and names what is meant', function (): void {
    $heard = PhraseReader::shipped(Kitchen::British)->read('10 ml paraffin');
    expect($heard->refusal === null ? '' : PhraseWords::shipped()->refusal($heard->refusal))->toContain('lamp fuel', 'paraffin oil of the pharmacy');
});
