<?php

declare(strict_types=1);

use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use Tests\Feature\Notebook;

it('offers everything that can be chosen', function (): void {
    $catalogue = Notebook::get('/api/catalogue');

    expect($catalogue->list('pests'))->toHaveCount(count(TroubleCatalogue::shipped()->pestSlugs()))
        ->and($catalogue->list('orders'))->toHaveCount(5)
        ->and(array_column($catalogue->list('leafWaits'), 'hours'))->toBe([48, 24, 72])
        ->and($catalogue->list('volumeUnits'))->toHaveCount(15);
});

it('offers every shipped recipe with its strength in words', function (): void {
    $recipes = Notebook::get('/api/recipes');

    expect($recipes->list('recipes'))->toHaveCount(count(RecipeCatalogue::shipped()->slugs()))
        ->and(Notebook::get('/api/recipes/mint-oil-by-the-cup')->list('strength'))->toContain('3.5 % oil');
});

it('lists what was stored, newest or largest first', function (): void {
    foreach ([[1, 'L'], [4, '[gal_us]']] as [$amount, $unit]) {
        Notebook::post('/api/sprayers', ['submission' => Notebook::submission(), 'name' => "{$amount} {$unit}", 'holds' => ['amount' => $amount, 'unit' => $unit]]);
    }
    Notebook::plant('Zinnia');
    Notebook::plant('Aster');

    expect(Notebook::get('/api/sprayers')->text('sprayers.0.words'))->toBe('4 US gal (15.1 L)')
        ->and(Notebook::get('/api/plants')->text('plants.0.name'))->toBe('Aster')
        ->and(Notebook::get('/api/measures')->list('measures'))->toBe([])
        ->and(Notebook::get('/api/batches')->list('batches'))->toBe([]);
});

it('answers the bare route', function (): void {
    expect(Notebook::get('/api/ping')->at('ok'))->toBeTrue();
});
