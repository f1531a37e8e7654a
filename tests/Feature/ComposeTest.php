<?php

declare(strict_types=1);

use IdleMixer\Core\Recipe\RecipeCatalogue;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

/** @param list<string> $lines */
function compose(array $lines, string $use = 'foliar', string $name = 'Lemon tub neem'): Answer
{
    return Notebook::post('/api/compose', ['name' => $name, 'use' => $use, 'order' => 'emulsifier-first', 'notes' => '', 'lines' => $lines]);
}

beforeEach(function (): void {
    Notebook::change('/api/household', ['kitchen' => 'us', 'byEye' => (object) []]);
});

it('turns typed lines into a recipe that can be kept', function (): void {
    $answer = compose(['1 gallon of water', '2 to 4 tbsp neem', '1 tbsp castile', '']);

    expect($answer->list('strength'))->toBe(['0.77 to 1.5 % oil', '0.38 to 0.39 % soap'])
        ->and($answer->text('lines.1.text'))->toBe('2 to 4 US tablespoons (29.6 to 59.1 mL) of neem oil')
        ->and($answer->text('lines.3.kind'))->toBe('empty')
        ->and($answer->text('document.slug'))->toBe('lemon-tub-neem');
    $kept = Notebook::recipe(json_encode($answer->at('document'), \JSON_THROW_ON_ERROR));
    expect($kept->status)->toBe(201)->and($kept->number('version'))->toBe(1.0)
        ->and(compose(['1 gallon of water', '1 tbsp neem'])->text('document.slug'))->toBe('lemon-tub-neem-2');
});

it('asks, and refuses, line by line', function (): void {
    $answer = compose(['1 gallon of water', '2 oz neem', '1 cup tobacco', '1 tbsp meem']);

    expect($answer->at('document'))->toBeNull()
        ->and($answer->text('lines.1.kind'))->toBe('asked')
        ->and($answer->text('lines.1.answers.0.line'))->toBe('2 us fl oz neem')
        ->and($answer->text('lines.2.text'))->toContain('nicotine is a strong poison')
        ->and($answer->text('lines.3.text'))->toContain('Did you mean “neem”?');
});

it('says what still stands between the lines and a recipe', function (string $lines, string $use, string $problem): void {
    expect(compose(explode(' | ', $lines), $use)->text('problem'))->toContain($problem);
})->with([
    ['2 tbsp neem', 'foliar', 'how much water'],
    ['1 l water | 1 gallon water | 2 tbsp neem', 'foliar', 'two lines of water'],
    ['1 l water | 1 cup oil', 'stock', 'no water in it'],
    ['made up to 1 cup | 2 cups oil', 'foliar', 'do not fit'],
]);

it('keeps whose spoons are meant, and the squirt that was measured', function (): void {
    $kept = Notebook::change('/api/household', ['kitchen' => 'australian', 'byEye' => ['squirt' => 3.5]]);

    expect($kept->text('kitchen'))->toBe('australian')
        ->and(compose(['1 l water', '1 tbsp neem', 'a squirt of soap'])->text('lines.1.text'))->toBe('1 Australian tablespoon (20 mL) of neem oil')
        ->and(compose(['1 l water', 'a squirt of soap'])->number('document.lines.0.amount'))->toBe(3.5)
        ->and(Notebook::change('/api/household', ['kitchen' => 'lunar', 'byEye' => (object) []])->status)->toBe(422)
        ->and(Notebook::change('/api/household', ['kitchen' => null, 'byEye' => ['squirt' => 0]])->text('error.path'))->toBe('/byEye/squirt');
});

it('carries a range by eye through to the strength', function (): void {
    $answer = compose(['1 litre of water', 'a splash of neem']);
    expect($answer->list('strength'))->toBe(['0.5 to 1.5 % oil']);
});

it('types every shipped recipe back to what it was', function (): void {
    Notebook::change('/api/household', ['kitchen' => 'metric', 'byEye' => (object) []]);
    foreach (RecipeCatalogue::shipped()->slugs() as $slug) {
        $recipe = Notebook::get("/api/recipes/{$slug}");
        $back = Notebook::post('/api/compose', ['name' => 'Back', 'use' => $recipe->text('use'), 'order' => 'blender', 'notes' => '', 'lines' => array_map(static fn(mixed $line): string => is_string($line) ? $line : '', $recipe->list('typed')), 'from' => $slug]);
        expect($back->at('problem'))->toBeNull($slug)
            ->and($back->list('strength'))->toBe($recipe->text('use') === 'stock' ? [] : $recipe->list('strength'), $slug);
    }
});

it('keeps every version, and shows them', function (): void {
    foreach ([['1 l water', '5 ml neem'], ['1 l water', '10 ml neem']] as $lines) {
        $composed = Notebook::post('/api/compose', ['name' => 'Mine', 'slug' => 'mine', 'use' => 'foliar', 'order' => 'all-together', 'notes' => '', 'lines' => $lines]);
        Notebook::recipe(json_encode($composed->at('document'), \JSON_THROW_ON_ERROR));
    }
    $versions = Notebook::get('/api/recipes/mine/versions');
    expect($versions->list('versions'))->toHaveCount(2)
        ->and($versions->list('versions.0.recipe.strength'))->toBe(['0.99 % oil'])
        ->and(Notebook::get('/api/recipes/nobody/versions')->status)->toBe(404);
});

// Common practice, no source: by the quart 0.97 %, by the cup 3.56 %, mixed up often.
it('lets the two kitchen-oil recipes jump out when they stand side by side', function (): void {
    $answer = Notebook::post('/api/compare', ['recipes' => ['kitchen-oil-by-the-quart', 'mint-oil-by-the-cup'], 'make' => ['amount' => 1, 'unit' => '[qt_us]']]);

    expect($answer->number('strengths.0.first'))->toEqualWithDelta(0.97, 0.005)
        ->and($answer->number('strengths.0.second'))->toEqualWithDelta(3.54, 0.03)
        ->and($answer->text('verdicts.0.level'))->toBe('caution')
        ->and($answer->text('verdicts.0.because'))->toContain('3.65 times as much oil')
        ->and($answer->text('recipes.1.verdicts.0.level'))->toBe('stop')
        ->and(Notebook::post('/api/compare', ['recipes' => ['kitchen-oil-by-the-quart'], 'make' => ['amount' => 1, 'unit' => 'L']])->text('error.path'))->toBe('/recipes');
});

it('goes back to an earlier version, and is not changed by what was mixed otherwise once', function (): void {
    $document = ['format' => 'idle-mixer/recipe', 'version' => 1, 'slug' => 'pot-soap', 'name' => 'Pot soap', 'use' => 'foliar', 'order' => 'all-together', 'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'], 'lines' => [['ingredient' => 'castile-soap', 'amount' => 5, 'unit' => 'mL']], 'notes' => ''];
    $stronger = [...$document, 'lines' => [['ingredient' => 'castile-soap', 'amount' => 10, 'unit' => 'mL']]];
    $onceSo = [...$document, 'lines' => [...$stronger['lines'], ['ingredient' => 'neem-oil', 'amount' => 2, 'unit' => 'mL']]];
    $now = static fn(): mixed => Notebook::get('/api/recipes/pot-soap')->number('document.lines.0.amount');

    expect(Notebook::recipe($document)->status)->toBe(201)
        ->and(Notebook::recipe($stronger)->number('version'))->toBe(2.0)
        ->and($now())->toBe(10.0);

    $batch = Notebook::post('/api/batches', ['submission' => '00000000-0000-4000-8000-000000000777', 'bench' => ['request' => ['recipe' => $onceSo, 'make' => ['amount' => 1, 'unit' => 'L']]], 'sprayerId' => null, 'plantId' => null, 'caseId' => null]);
    expect($batch->status)->toBe(201)
        ->and($batch->number('recipe.version'))->toBe(3.0)
        ->and(Notebook::get('/api/recipes/pot-soap')->list('document.lines'))->toHaveCount(1)
        ->and($now())->toBe(10.0);

    expect(Notebook::recipe($document)->status)->toBe(200)
        ->and($now())->toBe(5.0)
        ->and(Notebook::get('/api/recipes/pot-soap')->number('version'))->toBe(1.0)
        ->and(Notebook::get('/api/recipes/pot-soap/versions')->list('versions'))->toHaveCount(3);
});

it('takes a shipped recipe back from a file, and only unchanged', function (): void {
    $document = RecipeCatalogue::shipped()->document('mild-soap');

    expect(Notebook::recipe($document)->status)->toBe(200)
        ->and(Notebook::recipe(str_replace('"amount":3', '"amount":4', $document))->text('error.path'))->toBe('/slug');
});

it('hears a page on which nothing is typed yet, and makes no recipe of it', function (): void {
    $answer = Notebook::post('/api/compose', ['name' => '', 'use' => 'foliar', 'order' => 'all-together', 'notes' => '', 'lines' => []]);
    expect($answer->status)->toBe(200)->and($answer->at('document'))->toBeNull()->and($answer->list('lines'))->toBe([]);
});

// A US tablespoon is 14.79 mL, a teaspoon 4.93: a quart of neem leaf spray takes 1 ½ teaspoons of neem and a half of soap, less what they
// displace, one of plain soap 9.46 mL of soap and no neem.
it('says what is in the one and not in the other, in spoons', function (): void {
    $answer = Notebook::post('/api/compare', ['recipes' => ['neem-leaf-quart', 'plain-soap'], 'make' => ['amount' => 1, 'unit' => '[qt_us]']]);
    $rows = array_column(array_filter($answer->list('ingredients'), is_array(...)), null, 'name');
    expect([$rows['neem oil']['first'] ?? null, $rows['neem oil']['second'] ?? null])->toBe(['7.32 mL (1.48 US tsp)', 'none'])
        ->and([$rows['castile soap']['first'] ?? null, $rows['castile soap']['second'] ?? null])->toBe(['2.44 mL (0.495 US tsp)', '9.46 mL (1.92 US tsp)']);
    $gallon = Notebook::post('/api/compare', ['recipes' => ['neem-leaf-quart', 'plain-soap'], 'make' => ['amount' => 1, 'unit' => '[gal_us]']]);
    expect(json_encode($gallon->list('ingredients'), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE))->toContain('"29.3 mL (1.98 US tbsp)"');
});
