<?php

declare(strict_types=1);

use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Bench\CircumstancesReader;
use IdleMixer\Core\Bench\WaterReader;
use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;
use Tests\Feature\Answer;
use Tests\Feature\Contract;
use Tests\Feature\InTables;
use Tests\Feature\Notebook;

/**
 * Serves with other recipes than the shipped ones, as a newer version of the product would.
 *
 * @param array<string, array<string, mixed>> $documents by slug
 */
function servedWith(array $documents): void
{
    $ingredients = IngredientCatalogue::shipped();
    $reader = new RecipeReader($ingredients);
    $rows = [];
    foreach (Things::of('sprays')->rows() as $slug => $row) {
        $rows[$slug] = [...$row, 'recipe' => $documents[$slug]];
    }
    $recipes = new RecipeCatalogue(Things::given('sprays', $rows), $reader);
    app()->instance(RecipeCatalogue::class, $recipes);
    app()->instance(BenchReader::class, new BenchReader($reader, $recipes, ToleranceCatalogue::shipped(), new CircumstancesReader(), new WaterReader()));
}

/** @return list<string> kinds of the ways out */
function waysOf(Answer $answer): array
{
    return array_map(static fn(mixed $one): string => is_array($one) && is_string($one['kind']) ? $one['kind'] : '', $answer->list('remedies'));
}

it('finishes as it was started, though the recipe was written otherwise meanwhile', function (): void {
    /** @var array<string, array{lines: list<array<string, mixed>>}> $documents */
    $documents = Things::of('sprays')->column('recipe');
    servedWith($documents);
    $batch = Notebook::batch(['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 1, 'unit' => '[gal_us]']], null);
    $two = Notebook::batch(['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 1, 'unit' => '[gal_us]']]);
    Notebook::tickAll($batch);
    Notebook::tickAll($two);

    // The two lines change places, and the one of the other recipe is doubled; the server is started again.
    $documents['neem-leaf-quart']['lines'] = array_reverse($documents['neem-leaf-quart']['lines']);
    $documents['neem-by-the-gallon']['lines'][0]['amount'] = 4;
    servedWith($documents);

    $made = Notebook::post("/api/batches/{$two->id()}/finish", ['standTest' => 'even']);
    // Two tablespoons of neem and two teaspoons of soap, made up to a gallon of 768 teaspoons: 6 and 2 of them, by hand.
    expect($made->number('actual.strength.oil_percent_vv'))->toEqualWithDelta(100 * 6 / 768, 1e-9)
        ->and($made->number('actual.strength.soap_percent_vv'))->toEqualWithDelta(100 * 2 / 768, 1e-9)
        ->and(Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even'])->number('actual.strength.oil_percent_vv'))->toEqualWithDelta(0.781, 0.002)
        ->and(Notebook::get("/api/batches/{$two->id()}")->text('recipeDocument.lines.0.ingredient'))->toBe('neem-oil')
        // What is planned from now on is as it is written now.
        ->and(Notebook::batch(['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 1, 'unit' => '[gal_us]']])->number('plan.strength.oil_percent_vv'))->toEqualWithDelta(1.54, 0.01);
});

it('remembers the season in the way out: a winter oil planned with leaves on is not used as it is', function (): void {
    $winter = ['recipe' => 'winter-wood-oil', 'make' => ['amount' => 1, 'unit' => 'L']];
    $slip = ['slips' => [['kind' => 'count', 'item' => 'vegetable-oil', 'scoop' => 0, 'from' => 2, 'to' => 2]]];
    $growing = Notebook::batch([...$winter, 'circumstances' => ['season' => 'growing']]);
    $dormant = Notebook::batch([...$winter, 'circumstances' => ['season' => 'dormant']]);
    $inLeaf = Notebook::post("/api/batches/{$growing->id()}/loads/1/way-out", $slip);
    $bare = Notebook::post("/api/batches/{$dormant->id()}/loads/1/way-out", $slip);

    expect(waysOf($inLeaf))->toBe(['discard'])
        ->and(json_encode($inLeaf->list('strongest.verdicts'), \JSON_THROW_ON_ERROR))->toContain('A winter oil is for bare wood')
        ->and(str_contains(json_encode($inLeaf->list('remedies'), \JSON_THROW_ON_ERROR), 'and bare wood bears'))->toBeFalse()
        ->and(waysOf($bare)[0])->toBe('as-it-is')
        ->and(Notebook::change("/api/batches/{$growing->id()}/loads/1/slip", [...$slip, 'remedy' => 'as-it-is'])->text('error.path'))->toBe('/remedy');
});

it('shows rounds of another strength apart in what worked', function (): void {
    $twice = static function (float $tbsp, int $before, int $after): void {
        $case = Notebook::case(Notebook::plant());
        Illuminate\Support\Facades\Date::setTestNow('2026-06-01T08:00:00Z');
        Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => $before]);
        $recipe = ['format' => 'idle-mixer/recipe', 'version' => 1, 'slug' => 'my-soap', 'name' => 'My soap', 'use' => 'foliar', 'order' => 'all-together', 'basis' => ['amount' => 10, 'unit' => 'L', 'of' => 'water'], 'lines' => [['ingredient' => 'castile-soap', 'amount' => $tbsp, 'unit' => '[tbs_us]']], 'notes' => ''];
        $round = Notebook::mixed($case, ['recipe' => $recipe, 'make' => ['amount' => 10, 'unit' => 'L']]);
        Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $round, 'override' => 'It was urgent']);
        Illuminate\Support\Facades\Date::setTestNow('2026-06-03T08:00:00Z');
        Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => $after]);
    };
    $twice(2.0, 100, 5);
    $twice(1.0, 100, 95);
    $worked = Notebook::get('/api/worked');

    expect($worked->list('records'))->toHaveCount(2)
        ->and($worked->list('records.0.strength'))->toBe(['0.3 % castile soap'])
        ->and([$worked->number('records.0.worked'), $worked->number('records.0.judged')])->toBe([1.0, 1.0])
        ->and($worked->list('records.1.strength'))->toBe(['0.15 % castile soap'])
        ->and([$worked->number('records.1.worked'), $worked->number('records.1.judged')])->toBe([0.0, 1.0]);
    // What is alike within a tenth is judged together.
    $twice(2.1, 100, 4);
    expect(Notebook::get('/api/worked')->list('records'))->toHaveCount(2);
});

it('writes a batch that another notebook reads and finishes: the same numbers, the same words', function (string $recipe): void {
    $request = ['recipe' => $recipe, 'make' => ['amount' => 3, 'unit' => '[qt_us]'], 'sprayer' => ['amount' => 2, 'unit' => '[qt_us]'], 'plant' => 'ordinary-leaf', 'water' => ['hardness' => ['amount' => 120, 'unit' => 'mg/L']], 'circumstances' => ['season' => 'growing', 'celsius' => 21]];
    $here = Notebook::batch($request, null, ['measures' => [['amount' => 4.6, 'unit' => 'mL', 'name' => 'blue spoon'], ['amount' => 1, 'unit' => '[tbs_us]'], ['amount' => 1, 'unit' => '[drp]']]]);
    Notebook::tickAll($here);
    Notebook::post("/api/batches/{$here->id()}/stand-tests", ['submission' => Notebook::submission(), 'result' => 'ring', 'seconds' => 40]);
    $key = $here->text('items.0.key');
    $ways = Notebook::post("/api/batches/{$here->id()}/loads/2/way-out", ['slips' => [['kind' => 'left-out', 'item' => $key]]]);
    Notebook::change("/api/batches/{$here->id()}/loads/2/slip", ['slips' => [['kind' => 'left-out', 'item' => $key]], 'remedy' => $ways->text('remedies.0.kind') === 'discard' ? 'add-water' : $ways->text('remedies.0.kind')]);
    $document = Notebook::get("/api/batches/{$here->id()}/document");
    expect(Contract::schemaFault('batch', $document->text))->toBe('');
    $finish = ['standTest' => 'even', 'notes' => 'milky', 'madeAt' => '2026-11-20T18:00:00Z'];
    $mine = Notebook::post("/api/batches/{$here->id()}/finish", $finish);
    $written = Notebook::get("/api/batches/{$here->id()}/document");

    InTables::emptied();
    expect(Notebook::get('/api/batches')->list('batches'))->toBe([]);
    $there = Notebook::post('/api/batches/documents', $document->text);
    expect($there->status)->toBe(201)->and($there->text('bottle.state'))->toBe('mixing');
    $theirs = Notebook::post("/api/batches/{$there->id()}/finish", $finish);
    foreach (['actual', 'plan', 'recipeDocument', 'standTests.0.advice', 'slips', 'discardAt', 'standTestWords', 'notes', 'makeWords', 'season', 'water'] as $what) {
        expect(json_encode($theirs->at($what)))->toBe(json_encode($mine->at($what)), $what);
    }
    // And back again: the document is the same to the letter.
    expect(Notebook::get("/api/batches/{$there->id()}/document")->text)->toBe($written->text)
        // Taken in twice it is there once.
        ->and(Notebook::post('/api/batches/documents', $document->text)->status)->toBe(200)
        ->and(Notebook::get('/api/batches')->list('batches'))->toHaveCount(1);
})->with(['neem-leaf-quart', 'kitchen-oil-by-the-quart', 'soda-and-neem', 'egg-and-oil-milk', 'half-alcohol-swab', 'true-neem-emulsion']);

it('says what is wrong with a batch document, and keeps nothing of it', function (string $path, mixed $value, string $at): void {
    $document = json_decode(Notebook::get('/api/batches/' . Notebook::batch()->id() . '/document')->text, true, 64, \JSON_THROW_ON_ERROR);
    assert(is_array($document));
    $document['id'] = '10000000-0000-4000-8000-000000000099';
    $point = &$document;
    foreach (explode('/', ltrim($path, '/')) as $key) {
        assert(is_array($point));
        $point = &$point[$key];
    }
    $point = $value;
    unset($point);
    $answer = Notebook::post('/api/batches/documents', json_encode($document, \JSON_THROW_ON_ERROR));
    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe($at)
        ->and(App\Models\Batch::query()->count())->toBe(1);
})->with([
    ['/format', 'somebody/else', '/format'], ['/version', 2, '/version'], ['/id', 'seven', '/id'], ['/bench/water/hardness_mg_L', -1, '/bench/water/hardness_mg_L'],
    ['/bench/circumstances/season', 'monsoon', '/bench/circumstances/season'], ['/ingredients/0/substance', 'moonlight', '/ingredients/0/substance'],
    ['/limits/non-ionic/source', 'a friend', '/limits/non-ionic/source'], ['/plan/loads', [], '/plan/loads'], ['/plan/loads/0/lines/0/mL', 0, '/plan/loads/0/lines/0/mL'],
    ['/plan/loads/0/lines/0/ingredient', 'unicorn', '/plan/loads/0/lines/0/ingredient'], ['/record/ticks', [['load' => 9, 'item' => 'neem-oil', 'scoop' => 0, 'number' => 1, 'at' => '2026-06-01T08:00:00Z']], '/record/ticks/0/load'],
    ['/moon', 'full', '/moon'],
]);
