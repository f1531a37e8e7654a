<?php

declare(strict_types=1);

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Schema;
use Tests\Feature\Notebook;

/** The notebook as it was before households, fill marks, slips and written versions. */
function olderNotebook(): void
{
    app(Kernel::class)->call('migrate:rollback', ['--step' => 2, '--force' => true]);
    expect(Schema::hasTable('households'))->toBeFalse()->and(Schema::hasColumn('recipe_versions', 'written'))->toBeFalse();
}

function broughtUpToDate(): void
{
    expect(app(Kernel::class)->call('migrate', ['--force' => true]))->toBe(0);
}

it('takes an older notebook along: sprayers, spoons and recipes are what they were', function (): void {
    Notebook::post('/api/sprayers', ['submission' => Notebook::submission(), 'name' => 'Old can', 'holds' => ['amount' => 1, 'unit' => '[gal_us]']]);
    Notebook::post('/api/measures', ['submission' => Notebook::submission(), 'name' => 'Old spoon', 'holds' => ['amount' => 1, 'unit' => '[tbs_us]']]);
    foreach ([5, 10, 7] as $ml) {
        Notebook::post('/api/recipes', [
            'format' => 'idle-mixer/recipe', 'version' => 1, 'slug' => 'old-soap', 'name' => 'Old soap', 'use' => 'foliar', 'order' => 'all-together',
            'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'], 'lines' => [['ingredient' => 'castile-soap', 'amount' => $ml, 'unit' => 'mL']], 'notes' => '',
        ]);
    }
    olderNotebook();
    broughtUpToDate();

    $sprayer = Notebook::get('/api/sprayers');
    expect($sprayer->text('sprayers.0.name'))->toBe('Old can')
        // All that it holds may be filled, nothing stays behind, and no marks are known.
        ->and($sprayer->number('sprayers.0.fillMl'))->toEqualWithDelta(3785.411784, 1e-6)
        ->and($sprayer->number('sprayers.0.leftBehindMl'))->toBe(0.0)
        ->and($sprayer->list('sprayers.0.marks'))->toBe([])
        ->and(Notebook::get('/api/measures')->text('measures.0.kind'))->toBe('level')
        ->and(Notebook::get('/api/measures')->list('kit'))->toHaveCount(1)
        // The newest version stays the newest, and an older one can be gone back to.
        ->and(Notebook::get('/api/recipes/old-soap')->number('version'))->toBe(3.0)
        ->and(Notebook::get('/api/recipes/old-soap/versions')->list('versions'))->toHaveCount(3);
    $first = Notebook::get('/api/recipes/old-soap/versions')->at('versions.2.recipe.document');
    expect(Notebook::post('/api/recipes', json_encode($first, \JSON_THROW_ON_ERROR))->status)->toBe(200)
        ->and(Notebook::get('/api/recipes/old-soap')->number('document.lines.0.amount'))->toBe(5.0);
});

it('goes on with a batch that was being mixed', function (): void {
    $batch = Notebook::batch(['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 1, 'unit' => '[gal_us]']]);
    $scoop = $batch->id('items.0.scoops.0.id');
    Notebook::put("/api/batches/{$batch->id()}/scoops/{$scoop}/ticks/1", ['ticked' => true]);
    olderNotebook();
    broughtUpToDate();

    $again = Notebook::get("/api/batches/{$batch->id()}");
    expect($again->text('status'))->toBe('mixing')
        ->and($again->list('items.0.scoops.0.ticked'))->toBe([1])
        ->and($again->list('slips'))->toBe([])
        ->and(Notebook::put("/api/batches/{$batch->id()}/scoops/{$scoop}/ticks/2", ['ticked' => true])->list('ticked'))->toBe([1, 2])
        ->and(Notebook::post("/api/batches/{$batch->id()}/loads/1/way-out", ['slips' => [['kind' => 'left-out', 'item' => 0]]])->status)->toBe(200)
        ->and(Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even'])->status)->toBe(200);
});
