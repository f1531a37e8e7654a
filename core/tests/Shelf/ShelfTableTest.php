<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Shelf;
use IdleMixer\Core\Cupboard\BottleWordsReader;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/*
 * Sixty cupboards: what can be made of each, how much, and what runs out first. Reckoned by hand from what each school takes to its water,
 * before there was code for it: M12 is 5 mL of neem and 10 mL of soap to a litre, so 1,015 mL in all, and a mL of neem is enough for 203.
 * 1 [tsp_us] = 4.92892 mL, 1 [qt_us] = 946.353 mL (NIST Handbook 44); a drop is 1/20 mL (UCUM). What stands in for what: common practice,
 * no source.
 */

/**
 * @param string $text “sunflower oil 200 mL; baking soda 50 g; rubbing alcohol 91 %”
 *
 * @return list<array<string, mixed>>
 */
function cupboardOf(string $text): array
{
    return array_map(static function (string $one): array {
        preg_match('/^(.*?)(?: ([\d.]+) (mL|L|g))?(?: at ([\d.]+))?$/', trim($one), $found, \PREG_UNMATCHED_AS_NULL);

        return ['words' => $found[1] ?? '', 'left' => isset($found[2]) ? ['amount' => (float) $found[2], 'unit' => $found[3] ?? 'mL'] : null, 'strength' => isset($found[4]) ? (float) $found[4] : null];
    }, explode(';', $text));
}

/**
 * @param array<string, mixed> $more
 *
 * @return array{understood: list<array{words: string, ingredient: string|null, asked: string|null, said: string}>, sprays: list<array{recipe: string, factor: float, make_mL: float, limitedBy: string|null, highEnd: bool, lines: list<array{ingredient: string, mL?: float, g?: float, instead: string|null, scoops: list<array{amount: float, unit: string, count: int}>}>, level: string}>, missing: list<array{recipe: string, ingredients: list<string>}>}
 */
function onTheShelf(string $text, float $sprayer, ?string $trouble = null, string $leaf = 'ordinary-leaf', array $more = []): array
{
    return Shelf::shipped()->answer(JsonText::parse(json_encode([
        'cupboard' => cupboardOf($text),
        'sprayer' => ['amount' => $sprayer, 'unit' => 'mL'],
        'trouble' => $trouble,
        'plant' => ['leaf' => $leaf],
        ...$more,
    ], \JSON_THROW_ON_ERROR)));
}

it('makes so much of a cupboard, and says what runs out first', function (string $cupboard, float $sprayer, string $leaf, string $recipe, float $makes, ?string $limitedBy): void {
    $sprays = array_column(onTheShelf($cupboard, $sprayer, null, $leaf)['sprays'], null, 'recipe');
    expect($sprays)->toHaveKey($recipe)
        ->and($sprays[$recipe]['make_mL'])->toEqualWithDelta($makes, 0.005 * $makes)
        ->and($sprays[$recipe]['limitedBy'])->toBe($limitedBy);
})->with([
    'soap enough' => ['castile soap', 1000, 'ordinary-leaf', 'plain-soap', 1000, null],
    'soap for half a litre' => ['castile soap 5 mL', 1000, 'ordinary-leaf', 'plain-soap', 500, 'castile-soap'],
    'soap for more than the bottle' => ['castile soap 50 mL', 500, 'ordinary-leaf', 'plain-soap', 500, null],
    'two bottles of soap add up' => ['castile soap 3 mL; castile soap 4 mL', 1000, 'ordinary-leaf', 'plain-soap', 700, 'castile-soap'],
    'of one of two bottles nobody knows how much' => ['castile soap 3 mL; castile soap', 1000, 'ordinary-leaf', 'plain-soap', 1000, null],
    'dish soap' => ['dish soap 1.5 mL', 1000, 'ordinary-leaf', 'mild-soap', 501.5, 'dish-detergent'],
    'dish wash is detergent' => ['dish wash 1.5 mL', 1000, 'ordinary-leaf', 'mild-soap', 501.5, 'dish-detergent'],
    'neem runs out, soap does not' => ['neem oil 2 mL; castile soap 100 mL', 1000, 'ordinary-leaf', 'gentle-neem', 406, 'neem-oil'],
    'soap runs out, neem does not' => ['neem oil 100 mL; castile soap 4 mL', 1000, 'ordinary-leaf', 'gentle-neem', 406, 'castile-soap'],
    'neem for 2.6 litres' => ['cold pressed neem 12.8 mL; castile soap', 5000, 'ordinary-leaf', 'gentle-neem', 2598.4, 'neem-oil'],
    'neem by the quart' => ['neem oil 4 mL; castile soap', 1000, 'ordinary-leaf', 'neem-leaf-quart', 517.3, 'neem-oil'],
    'a quart of it is the bottle' => ['neem oil 100 mL; castile soap', 946.353, 'ordinary-leaf', 'neem-leaf-quart', 946.353, null],
    'soap for the quart' => ['neem oil; castile soap 1 mL', 946.353, 'ordinary-leaf', 'neem-leaf-quart', 388, 'castile-soap'],
    'neem without soap' => ['neem oil 3 mL', 1000, 'ordinary-leaf', 'neem-by-the-gallon', 387, 'neem-oil'],
    'a little neem' => ['neem oil 1 mL', 1000, 'ordinary-leaf', 'mild-neem', 501, 'neem-oil'],
    'neem and soap bark' => ['neem oil 2 mL; soap nut', 1000, 'ordinary-leaf', 'true-neem-emulsion', 512, 'neem-oil'],
    'soap bark runs out' => ['neem oil; soap nut 1 mL', 1000, 'ordinary-leaf', 'true-neem-emulsion', 768, 'saponin-extract'],
    'neem into a pot' => ['neem oil 2 mL', 1000, 'planted-soil', 'weak-pot-drench', 514, 'neem-oil'],
    'kitchen oil from a stock' => ['sunflower oil 5 mL; castile soap', 1000, 'ordinary-leaf', 'kitchen-oil-by-the-quart', 515.3, 'vegetable-oil'],
    'the soap of a stock' => ['sunflower oil; castile soap 0.5 mL', 1000, 'ordinary-leaf', 'kitchen-oil-by-the-quart', 824.5, 'castile-soap'],
    'paraffin oil' => ['paraffin oil 6 mL; dish soap', 1000, 'ordinary-leaf', 'fine-paraffin-mist', 600, 'paraffin-oil'],
    'dish soap for paraffin oil' => ['paraffin oil; dish soap 0.25 mL', 1000, 'ordinary-leaf', 'fine-paraffin-mist', 500, 'dish-detergent'],
    'a swab, one to one' => ['rubbing alcohol 50 mL', 1000, 'ordinary-leaf', 'half-alcohol-swab', 100, 'isopropyl-alcohol'],
    'a stronger bottle reaches further: 35 % of it is 1 to 1.6' => ['rubbing alcohol 50 mL at 91', 1000, 'ordinary-leaf', 'half-alcohol-swab', 130, 'isopropyl-alcohol'],
    'a weaker bottle less far: 35 % of 50 % is 7 to 3' => ['rubbing alcohol 50 mL at 50', 1000, 'ordinary-leaf', 'half-alcohol-swab', 71.43, 'isopropyl-alcohol'],
    'a little alcohol' => ['rubbing alcohol 1 mL', 1000, 'ordinary-leaf', 'mild-alcohol', 501, 'isopropyl-alcohol'],
    'alcohol, soap and a brush' => ['rubbing alcohol 50 mL; castile soap', 1000, 'ordinary-leaf', 'alcohol-soap-and-brush', 551, 'isopropyl-alcohol'],
    'soap and alcohol by eye' => ['rubbing alcohol 20 mL; castile soap', 1000, 'ordinary-leaf', 'soap-and-alcohol-by-eye', 420.8, 'isopropyl-alcohol'],
    'peroxide of the pharmacy' => ['hydrogen peroxide 100 mL', 1000, 'ordinary-leaf', 'peroxide-in-turn', 588.2, 'hydrogen-peroxide'],
    'peroxide of twice the strength reaches twice as far' => ['hydrogen peroxide 50 mL at 6', 1000, 'ordinary-leaf', 'peroxide-in-turn', 588.2, 'hydrogen-peroxide'],
    'soda by weight' => ['baking soda 2 g; horticultural oil; dish soap', 1000, 'ordinary-leaf', 'soda-and-oil-by-the-book', 377.4, 'baking-soda'],
    'oil beside the soda' => ['baking soda 500 g; horticultural oil 3 mL; dish soap', 1000, 'ordinary-leaf', 'soda-and-oil-by-the-book', 300, 'horticultural-oil'],
    'soda in the kitchen way' => ['baking soda; horticultural oil 4 mL; dish soap', 1000, 'ordinary-leaf', 'soda-leaf-spray', 512, 'horticultural-oil'],
    'soda and neem' => ['baking soda; neem oil 3 mL; castile soap', 1000, 'ordinary-leaf', 'soda-and-neem', 611.9, 'neem-oil'],
    'peppermint oil' => ['peppermint oil 1 mL; castile soap', 1000, 'ordinary-leaf', 'mint-mask', 772, 'peppermint-oil'],
    'soap for peppermint oil' => ['peppermint oil; castile soap 2 mL', 1000, 'ordinary-leaf', 'mint-mask', 514.7, 'castile-soap'],
    'rosemary oil' => ['rosemary oil 1 mL; dish soap', 1000, 'ordinary-leaf', 'rosemary-mist', 360, 'rosemary-oil'],
    'winter oil on wood' => ['sunflower oil 20 mL; baking soda; dish soap', 1000, 'dormant-wood', 'winter-wood-oil', 696.3, 'vegetable-oil'],
    'orchard neem on wood is none: leaves only' => ['neem oil 20 mL; castile soap; sunflower oil; baking soda; dish soap', 500, 'dormant-wood', 'winter-wood-oil', 500, null],
    // What stands in.
    'soap where the soda wants dish soap' => ['baking soda 500 g; horticultural oil 5 mL; castile soap', 1000, 'ordinary-leaf', 'soda-and-oil-by-the-book', 500, 'horticultural-oil'],
    'kitchen oil where the soda wants horticultural oil' => ['baking soda 500 g; sunflower oil 5 mL; dish soap', 1000, 'ordinary-leaf', 'soda-and-oil-by-the-book', 500, 'vegetable-oil'],
    'twice as much soap as dish soap, so it runs out at half' => ['paraffin oil; castile soap 0.5 mL', 1000, 'ordinary-leaf', 'fine-paraffin-mist', 500, 'castile-soap'],
    'half as much dish soap as soap, so it reaches twice as far' => ['neem oil; dish soap 0.5 mL', 946.353, 'ordinary-leaf', 'neem-leaf-quart', 387.5, 'dish-detergent'],
    'rosemary where mint is written' => ['rosemary oil 1 mL; castile soap', 1000, 'ordinary-leaf', 'mint-mask', 772, 'rosemary-oil'],
    'horticultural oil where paraffin oil is written' => ['horticultural oil 6 mL; dish soap', 1000, 'ordinary-leaf', 'fine-paraffin-mist', 600, 'horticultural-oil'],
    'soap where soap bark is written' => ['neem oil 2 mL; castile soap', 1000, 'ordinary-leaf', 'true-neem-emulsion', 512, 'neem-oil'],
]);

it('says what stands in for what, and what stands in for nothing', function (string $cupboard, string $recipe, array $instead, array $missing): void {
    $answer = onTheShelf($cupboard, 1000);
    $made = array_column($answer['sprays'], null, 'recipe')[$recipe] ?? null;
    $lacks = array_column($answer['missing'], 'ingredients', 'recipe')[$recipe] ?? [];
    expect($made === null ? null : array_column(array_filter($made['lines'], static fn(array $line): bool => $line['instead'] !== null), 'instead', 'ingredient'))->toBe($missing === [] ? $instead : null)
        ->and($lacks)->toBe($missing);
})->with([
    'as it is written' => ['castile soap; neem oil', 'gentle-neem', [], []],
    'dish soap for soap, to hold the neem' => ['dish soap; neem oil', 'gentle-neem', ['dish-detergent' => 'castile-soap'], []],
    'soap for dish soap' => ['castile soap; paraffin oil', 'fine-paraffin-mist', ['castile-soap' => 'dish-detergent'], []],
    'two things at once' => ['baking soda; sunflower oil; castile soap', 'soda-and-oil-by-the-book', ['vegetable-oil' => 'horticultural-oil', 'castile-soap' => 'dish-detergent'], []],
    'what is there is taken before what stands in' => ['castile soap; dish soap; neem oil', 'gentle-neem', [], []],
    'what kills is not swapped: soap' => ['dish soap', 'plain-soap', [], ['castile-soap']],
    'what kills is not swapped: dish soap' => ['castile soap', 'mild-soap', [], ['dish-detergent']],
    'kitchen oil is no neem' => ['sunflower oil; castile soap', 'gentle-neem', [], ['neem-oil']],
    'clarified neem keeps no feeding effect' => ['clarified hydrophobic extract of neem; castile soap', 'gentle-neem', [], ['neem-oil']],
    'nothing stands in for alcohol' => ['castile soap', 'alcohol-soap-and-brush', [], ['isopropyl-alcohol']],
    'nothing stands in for peroxide' => ['castile soap', 'peroxide-in-turn', [], ['hydrogen-peroxide']],
    'two are missing' => ['baking soda', 'soda-and-neem', [], ['neem-oil', 'castile-soap']],
    'a bottle so weak that a third of alcohol is no spray of it' => ['rubbing alcohol at 20', 'half-alcohol-swab', [], ['isopropyl-alcohol']],
    'a bottle so weak that there is no room for it' => ['hydrogen peroxide at 0.4', 'peroxide-in-turn', [], ['hydrogen-peroxide']],
    'a weak bottle that has room at its low end only' => ['hydrogen peroxide at 0.8', 'peroxide-in-turn', [], []],
    'less than a swab of it is none' => ['neem oil 0.01 mL; castile soap', 'gentle-neem', [], ['neem-oil']],
]);

it('puts first what works on what is there, and leaves out what does not', function (string $cupboard, string $trouble, string $leaf, ?string $first, array $not): void {
    /** @var list<string> $not */
    $recipes = array_column(onTheShelf($cupboard, 1000, $trouble, $leaf)['sprays'], 'recipe');
    expect($recipes[0] ?? null)->toBe($first)->and(array_intersect($recipes, $not))->toBe([]);
})->with([
    'aphids and a bottle of soap' => ['castile soap', 'aphids', 'ordinary-leaf', 'plain-soap', ['mint-mask']],
    'aphids and dish soap' => ['dish soap', 'aphids', 'ordinary-leaf', 'mild-soap', ['plain-soap']],
    'slugs: nothing that is sprayed' => ['castile soap; neem oil; sunflower oil', 'slugs', 'ordinary-leaf', null, []],
    'mealybugs and rubbing alcohol: a swab' => ['rubbing alcohol', 'mealybugs', 'tough-leaf', 'half-alcohol-swab', []],
    'mildew and soap alone: nothing' => ['castile soap', 'powdery-mildew', 'ordinary-leaf', null, ['plain-soap']],
]);

it('reads words as people say them, and asks what it does not know', function (string $words, ?string $ingredient, ?string $asks): void {
    [$one] = onTheShelf($words, 1000)['understood'];
    expect($one['ingredient'])->toBe($ingredient)
        ->and($asks === null ? $one['asked'] === null : str_contains((string) $one['asked'], $asks))->toBeTrue((string) $one['asked']);
})->with([
    ['sunflower oil', 'vegetable-oil', null], ['peanut oil', 'vegetable-oil', null], ['baby mild castile', 'castile-soap', null],
    ['shampoo', 'dish-detergent', null], ['100 % cold pressed neem', 'neem-oil', null], ['bicarb', 'baking-soda', null],
    ['eggs', 'egg', null], ['bleach', null, 'leach'], ['glitter', null, 'glitter'], ['alcohol 96 %', null, '96'],
    ['rubbing alcohol 91 %', 'isopropyl-alcohol', null],
]);

it('says what it takes for granted', function (): void {
    [$soap] = onTheShelf('soap', 1000)['understood'];
    expect($soap['ingredient'])->toBe('castile-soap')->and($soap['said'])->toContain('taken as castile soap');
});

it('never takes more than is there, and fills no more than a sprayer', function (int $seed): void {
    $random = new Randomizer(new Xoshiro256StarStar($seed));
    $ingredients = IngredientCatalogue::shipped();
    $reader = BottleWordsReader::shipped();
    for ($i = 0; $i < 5; ++$i) {
        $left = $cupboard = [];
        foreach ($random->pickArrayKeys(array_flip(['castile soap', 'dish soap', 'neem oil', 'sunflower oil', 'horticultural oil', 'paraffin oil', 'rubbing alcohol', 'hydrogen peroxide', 'baking soda', 'peppermint oil', 'rosemary oil', 'polysorbate 20', 'soap nut']), $random->getInt(1, 9)) as $words) {
            $slug = $reader->read($words)->ingredient->slug ?? '';
            $much = round($random->getInt(50, 60_000) / 1000, 3);
            $powder = ! $ingredients->get($slug)->substance->isLiquid();
            $cupboard[] = ['words' => $words, 'left' => $random->getInt(0, 3) === 0 ? null : ['amount' => $much, 'unit' => $powder ? 'g' : 'mL']];
            $left[$slug] = $cupboard[count($cupboard) - 1]['left'] === null ? \INF : $much;
        }
        $fill = round($random->getInt(1_000, 80_000) / 10, 1);
        $trouble = $random->pickArrayKeys(['' => 0, 'aphids' => 0, 'spider-mites' => 0, 'mealybugs' => 0, 'powdery-mildew' => 0], 1)[0];
        $answer = onTheShelf('castile soap', $fill, $trouble === '' ? null : $trouble, 'ordinary-leaf', ['cupboard' => $cupboard]);
        foreach ($answer['sprays'] as $spray) {
            $sum = [];
            foreach ($spray['lines'] as $line) {
                $sum[$line['ingredient']] = ($sum[$line['ingredient']] ?? 0.0) + ($line['mL'] ?? $line['g'] ?? 0.0);
            }
            foreach ($sum as $slug => $much) {
                expect($much)->toBeLessThanOrEqual($left[$slug] * (1 + 1e-9), "{$seed}: {$spray['recipe']} takes too much {$slug}");
            }
            expect($spray['make_mL'])->toBeLessThanOrEqual($fill * (1 + 1e-9));
            if ($spray['limitedBy'] === null) {
                expect($spray['make_mL'])->toEqualWithDelta($fill, 1e-6 * $fill);
            } else {
                expect($sum[$spray['limitedBy']])->toEqualWithDelta($left[$spray['limitedBy']], 1e-6);
            }
        }
        foreach ($answer['missing'] as $one) {
            foreach ($one['ingredients'] as $slug) {
                expect($left[$slug] ?? 0.0)->toBeLessThan(10.0, "{$seed}: {$slug} is there for {$one['recipe']}");
            }
        }
    }
})->with(array_map(static fn(int $seed): array => [$seed], range(1, 12)));
