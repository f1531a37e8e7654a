<?php

declare(strict_types=1);

use App\Models\Batch;
use App\Models\BatchTick;
use App\Models\Count;
use App\Models\LeafReading;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\RecipeVersion;
use App\Models\Round;
use Illuminate\Support\Facades\Date;
use Tests\Feature\Leaves;
use Tests\Feature\Notebook;

it('makes one record of a double submit, everywhere', function (): void {
    $twice = static function (string $path, array $more, string $id = 'id'): void {
        /** @var array<string, mixed> $body */
        $body = [...$more, 'submission' => Notebook::submission()];
        $first = Notebook::post($path, $body);
        $second = Notebook::post($path, $body);
        expect([$first->status, $second->status])->toBe([201, 200], $path)->and($second->id($id))->toBe($first->id($id));
    };
    $twice('/api/plants', ['name' => 'Zinnia', 'tolerance' => 'ordinary-leaf']);
    $plant = Plant::query()->firstOrFail()->id;
    $twice('/api/sprayers', ['name' => 'Can', 'holds' => ['amount' => 1, 'unit' => 'L']]);
    $twice('/api/measures', ['name' => 'Spoon', 'holds' => ['amount' => 1, 'unit' => '[tsp_us]']]);
    $twice('/api/cases', ['plantId' => $plant, 'pest' => 'aphids']);
    $case = PestCase::query()->firstOrFail()->id;
    $twice('/api/batches', ['bench' => ['request' => ['recipe' => 'mild-soap', 'make' => ['amount' => 1, 'unit' => 'L']]]]);
    $batch = Batch::query()->firstOrFail()->id;
    Notebook::post("/api/batches/{$batch}/finish", ['standTest' => 'even']);
    $twice('/api/leaf-tests', ['batchId' => $batch, 'plantId' => $plant, 'leaves' => 2, 'controls' => false]);
    $test = LeafTest::query()->firstOrFail()->id;
    $twice("/api/leaf-tests/{$test}/readings", ['leaves' => Leaves::seen(0, 0)]);
    $twice("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It was urgent']);
    $twice("/api/cases/{$case}/counts", ['value' => 12], 'saved.id');

    expect([Plant::query()->count(), PestCase::query()->count(), Batch::query()->count(), LeafTest::query()->count(), LeafReading::query()->count(), Round::query()->count(), Count::query()->count()])
        ->toBe([1, 1, 1, 1, 1, 1, 1]);
});

it('finishes a batch once, however often it is asked', function (): void {
    $batch = Notebook::batch();
    $first = Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);
    $second = Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'layer']);

    expect($second->status)->toBe(409)->and($second->text('conflict.kind'))->toBe('batches')
        ->and($second->at('conflict.fields'))->toBe([['name' => 'Glass', 'saved' => 'even, no oil on top', 'sent' => 'a layer of oil on top']]);
    // The second of two taps says the same again.
    $again = Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);
    expect($again->status)->toBe(200)->and($again->text('standTest'))->toBe('even')->and($again->text('madeAt'))->toBe($first->text('madeAt'));
    // Whoever was told chooses.
    $chosen = Notebook::put("/api/batches/{$batch->id()}", ['basedOn' => $second->number('conflict.version'), 'madeAt' => $first->text('madeAt'), 'keeping' => 'strict', 'standTest' => 'layer', 'notes' => '']);
    expect($chosen->status)->toBe(200)->and($chosen->text('standTest'))->toBe('layer');
});

it('keeps every tick, whichever device it comes from, and takes one back', function (): void {
    $batch = Notebook::batch(['make' => ['amount' => 1, 'unit' => '[gal_us]']]);
    $scoop = $batch->id('items.0.scoops.0.id');
    $path = "/api/batches/{$batch->id()}/scoops/{$scoop}/ticks";
    Notebook::put("{$path}/2", ['ticked' => true]);
    Notebook::put("{$path}/1", ['ticked' => true]);
    Notebook::put("{$path}/2", ['ticked' => true]);
    expect(Notebook::get("/api/batches/{$batch->id()}")->list('items.0.scoops.0.ticked'))->toBe([1, 2])
        ->and(BatchTick::query()->count())->toBe(2);

    expect(Notebook::put("{$path}/1", ['ticked' => false])->list('ticked'))->toBe([2])
        ->and(Notebook::put("{$path}/99", ['ticked' => true])->status)->toBe(404)
        ->and(Notebook::put("/api/batches/{$batch->id()}/scoops/99999/ticks/1", ['ticked' => true])->status)->toBe(404);

    Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'not-done']);
    expect(Notebook::put("{$path}/1", ['ticked' => true])->status)->toBe(409);
});

it('keeps what was really measured beside what was planned', function (): void {
    $batch = Notebook::batch(['recipe' => 'gentle-neem', 'make' => ['amount' => 1, 'unit' => 'L']]);
    // The soap goes in, the oil is forgotten.
    foreach ($batch->list('items.0.scoops') as $j => $scoop) {
        for ($n = 1; $n <= $batch->number("items.0.scoops.{$j}.count"); ++$n) {
            Notebook::put("/api/batches/{$batch->id()}/scoops/{$batch->id("items.0.scoops.{$j}.id")}/ticks/{$n}", ['ticked' => true]);
        }
    }
    $made = Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'not-done']);

    expect($made->number('actual.strength.oil_percent_vv'))->toBe(0.0)
        ->and($made->number('plan.strength.oil_percent_vv'))->toEqualWithDelta(0.493, 0.0005)
        ->and($made->number('actual.ticked'))->toBeLessThan($made->number('actual.planned'))
        ->and($made->number('actual.finished_mL'))->toEqualWithDelta(1000.0, 1e-6);
});

it('remembers exactly what a batch was made from, whatever becomes of the recipe', function (): void {
    $document = [
        'format' => 'idle-mixer/recipe', 'version' => 1, 'slug' => 'own-soap', 'name' => 'Own soap', 'use' => 'foliar', 'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'], 'lines' => [['ingredient' => 'castile-soap', 'amount' => 5, 'unit' => 'mL']], 'notes' => '',
    ];
    expect(Notebook::recipe($document)->status)->toBe(201)
        ->and(Notebook::recipe($document)->status)->toBe(200);
    $batch = Notebook::batch(['recipe' => $document, 'make' => ['amount' => 1, 'unit' => 'L']]);
    $later = $document;
    $later['lines'][0]['amount'] = 50;
    $kept = Notebook::recipe($later);

    expect($kept->number('version'))->toBe(2.0)
        ->and(Notebook::get('/api/recipes/own-soap')->number('document.lines.0.amount'))->toBe(50.0)
        ->and(Notebook::get("/api/batches/{$batch->id()}")->number('recipeDocument.lines.0.amount'))->toBe(5.0)
        ->and(Notebook::get("/api/batches/{$batch->id()}")->number('recipe.version'))->toBe(1.0)
        ->and(RecipeVersion::query()->count())->toBe(2);
    $document['slug'] = 'mild-soap';
    expect(Notebook::recipe($document)->text('error.path'))->toBe('/slug');
});

it('undoes a batch that was thrown away by mistake', function (): void {
    $batch = Notebook::mixed();
    expect(Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => true])->text('bottle.end'))->toBe('poured-off')
        ->and(Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => false])->at('bottle.end'))->toBeNull();
});

it('puts things away and takes them out again', function (): void {
    $plant = Notebook::plant();
    expect(Notebook::change("/api/plants/{$plant}/retired", ['retired' => true])->at('retired'))->toBeTrue()
        ->and(Notebook::change("/api/plants/{$plant}/retired", ['retired' => false])->at('retired'))->toBeFalse();
});

it('keeps a batch by the school that was chosen', function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
    $batch = Notebook::batch();

    expect(Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even', 'keeping' => 'patient'])->text('discardAt'))->toBe('2026-06-02T18:00:00Z');
});

it('shows a name with a script in it as what it is', function (): void {
    $plant = Notebook::plant('<script>alert(1)</script> “Zinnia” & co');
    Notebook::case($plant);

    expect(Notebook::get('/api/cases')->text('cases.0.plant.name'))->toBe('<script>alert(1)</script> “Zinnia” & co');
});
