<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Notebook;

it('opens an empty notebook on a spray that nothing speaks against', function (): void {
    $opening = Notebook::get('/api/opening');
    expect($opening->text('why'))->toBe('first')->and($opening->at('make'))->toBeNull()->and($opening->at('recipeDocument'))->toBeNull();
    $plan = Notebook::post('/api/bench', ['request' => ['recipe' => $opening->text('recipe'), 'make' => ['amount' => 1, 'unit' => '[qt_us]']]]);
    expect(array_filter($plan->list('plan.verdicts'), static fn(mixed $one): bool => ! is_array($one) || $one['level'] !== 'ok'))->toBe([])->and($plan->at('mending'))->toBeNull();
});

it('opens on the same again: as it was frozen, whatever the shelf has now', function (): void {
    $document = ['format' => 'idle-mixer/recipe', 'version' => 1, 'slug' => 'mine', 'name' => 'Mine', 'use' => 'foliar', 'order' => 'blender', 'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'finished'], 'lines' => [['ingredient' => 'neem-oil', 'amount' => 4, 'unit' => 'mL'], ['ingredient' => 'castile-soap', 'amount' => 3, 'unit' => 'mL']], 'notes' => ''];
    $batch = Notebook::batch(['recipe' => $document, 'make' => ['amount' => 0.75, 'unit' => '[gal_us]'], 'factor' => 0.5, 'water' => ['hardness' => ['amount' => 5, 'unit' => 'mg/L'], 'temperature' => ['amount' => 30, 'unit' => 'Cel']]], beside: ['agitation' => 'whisk'])->id();
    $opening = Notebook::get("/api/opening?again={$batch}");

    expect([$opening->text('why'), $opening->text('recipe'), $opening->text('agitation')])->toBe(['again', 'mine', 'whisk'])
        ->and([$opening->number('factor'), $opening->number('make.amount'), $opening->number('hardnessMgL'), $opening->number('celsius')])->toBe([0.5, 0.75, 5.0, 30.0])
        ->and($opening->text('make.unit'))->toBe('[gal_us]')
        ->and($opening->at('recipeDocument.lines'))->toBe(Notebook::get("/api/batches/{$batch}")->at('recipeDocument.lines'))
        ->and(Notebook::get('/api/opening?again=99')->status)->toBe(404)
        ->and(Notebook::get('/api/opening?case=99')->status)->toBe(404);
});

// A course goes on as it was begun, and in the turns in which it was sprayed: common practice, no source.
it('opens a case on what the choice proposes, goes on with it, and takes turns where somebody did', function (): void {
    $case = Notebook::case(Notebook::plant());
    Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 60]);
    $choice = Notebook::post("/api/cases/{$case}/choice", (string) json_encode(Notebook::get("/api/cases/{$case}")->at('situation')));
    $opening = Notebook::get("/api/opening?case={$case}");
    expect($opening->text('why'))->toBe('case')->and($opening->text('recipe'))->toBe($choice->text('proposed.0.slug'))->and($opening->at('caseId'))->toBe($case);
    // Nobody has to ask: it is the one that is due.
    expect(Notebook::get('/api/opening')->text('why'))->toBe('due')->and(Notebook::get('/api/opening')->at('caseId'))->toBe($case);

    $batch = Notebook::mixed($case, ['recipe' => $opening->text('recipe')]);
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'It was urgent']);
    expect(Notebook::get("/api/opening?case={$case}")->text('recipe'))->toBe($opening->text('recipe'));
    Date::setTestNow(Date::now()->addDays(8));
    $other = $choice->text('proposed.1.slug');
    $batch = Notebook::mixed($case, ['recipe' => $other]);
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'It was urgent']);
    Date::setTestNow(Date::now()->addDays(8));
    expect(Notebook::get("/api/opening?case={$case}")->text('recipe'))->toBe($opening->text('recipe'));
});

it('says that a case is closed, and mixes without it', function (): void {
    $case = Notebook::case(Notebook::plant('Aster'));
    $batch = Notebook::mixed($case);
    Notebook::change("/api/cases/{$case}/closed", ['closed' => true, 'conclusion' => 'Gone.']);
    foreach (["case={$case}", "again={$batch}"] as $query) {
        $opening = Notebook::get("/api/opening?{$query}");
        expect($opening->text('note'))->toContain('Aphids on Aster is closed')->and($opening->at('caseId'))->toBeNull();
    }
});

it('never opens on a spray that is a stop, even where it was mixed last', function (): void {
    $calm = Notebook::mixed();
    Notebook::mixed(null, ['recipe' => 'mint-oil-by-the-cup']);
    $opening = Notebook::get('/api/opening');
    expect([$opening->text('why'), $opening->text('recipe')])->toBe(['last', 'neem-leaf-quart'])
        ->and(Notebook::get("/api/batches/{$calm}")->text('recipe.slug'))->toBe('neem-leaf-quart');
});

it('opens on the same again without a sprayer where there was none', function (): void {
    Notebook::post('/api/sprayers', ['submission' => Notebook::submission(), 'name' => 'Can', 'holds' => ['amount' => 1, 'unit' => '[gal_us]']]);
    $batch = Notebook::batch(['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 0.75, 'unit' => 'L']])->id();
    $opening = Notebook::get("/api/opening?again={$batch}");
    expect($opening->at('sprayerId'))->toBeNull()->and($opening->number('make.amount'))->toBe(0.75)
        ->and($opening->number('first.bench.request.make.amount'))->toBe(0.75)
        ->and(json_encode($opening->at('first.bench.request'), \JSON_THROW_ON_ERROR))->not->toContain('sprayer');
});

it('takes swabs to a jar, and what is sprayed to the sprayer', function (): void {
    $recipes = array_column(array_filter(Notebook::get('/api/recipes')->list('recipes'), is_array(...)), 'usualFill', 'slug');
    // Half a cup: our own choice; what wipes a plant is never a sprayer full (common practice, no source).
    expect($recipes['half-alcohol-swab'])->toEqual(['amount' => 0.5, 'unit' => '[cup_us]'])->and($recipes['neem-leaf-quart'])->toBeNull();
    Notebook::post('/api/sprayers', ['submission' => Notebook::submission(), 'name' => 'Can', 'holds' => ['amount' => 1, 'unit' => '[gal_us]']]);
    $case = Notebook::case(Notebook::plant(), 'mealybugs');
    Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 4]);
    $first = Notebook::get("/api/opening?case={$case}");
    expect($first->text('recipe'))->toBe('half-alcohol-swab')->and($first->at('sprayerId'))->toBeNull()
        ->and($first->at('make'))->toEqual($recipes['half-alcohol-swab'])->and($first->at('first.bench.request.make'))->toEqual($recipes['half-alcohol-swab']);

    $batch = Notebook::mixed($case, ['recipe' => 'half-alcohol-swab', 'make' => ['amount' => 0.5, 'unit' => '[cup_us]']]);
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'It was urgent']);
    $then = Notebook::get("/api/opening?case={$case}");
    expect($then->text('recipe'))->toBe('half-alcohol-swab')->and($then->at('sprayerId'))->toBeNull()
        ->and($then->at('make'))->toEqual($recipes['half-alcohol-swab']);
    // Of another case of the same house, that is sprayed.
    $sprayed = Notebook::case(Notebook::plant('Aster'));
    Notebook::post("/api/cases/{$sprayed}/counts", ['submission' => Notebook::submission(), 'value' => 60]);
    $spray = Notebook::get("/api/opening?case={$sprayed}");
    expect($spray->text('recipe'))->not->toBe('half-alcohol-swab')->and($spray->at('make'))->toBeNull()
        ->and($spray->at('first.bench.request.make'))->toEqual(['amount' => 1.0, 'unit' => '[gal_us]']);
});

it('tells for a plant what stands mixed for any of its cases', function (): void {
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap']);
    $other = Notebook::plant('Another');
    $stands = static fn(string $query): mixed => Notebook::get("/api/opening?{$query}")->at('to');
    expect($stands("plant={$plant}"))->toBe("/batches/{$batch}")->and(Notebook::get("/api/opening?plant={$plant}")->text('note'))->toContain('Plain soap spray')
        ->and($stands("case={$case}"))->toBe("/batches/{$batch}")
        ->and($stands("plant={$other}"))->toBeNull()
        // A cup for its leaves is mixed beside it.
        ->and($stands("plant={$plant}&cup=1"))->toBeNull();
});
