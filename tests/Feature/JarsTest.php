<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

function jarOf(string $recipe): Answer
{
    $asked = Notebook::get("/api/recipes/{$recipe}");
    $stock = $asked->at('stocks.0.document');
    assert(is_array($stock));
    $batch = Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'bench' => ['request' => ['recipe' => $stock, 'make' => ['amount' => $asked->number('stocks.0.mL'), 'unit' => 'mL']]]]);
    expect($batch->status)->toBe(201);
    Notebook::tickAll($batch);

    return Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'not-done']);
}

/** @param array<string, mixed> $make */
function pouredFrom(int $jar, array $make, string $recipe = 'kitchen-oil-by-the-quart'): Answer
{
    return Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'stockBatchId' => $jar, 'bench' => ['request' => ['recipe' => $recipe, 'make' => $make]]]);
}

it('keeps a stock as a jar that is poured from until it is empty', function (): void {
    Date::setTestNow('2026-06-01T08:00:00Z');
    expect(Notebook::get('/api/jars')->list('jars'))->toBe([]);
    $jar = jarOf('kitchen-oil-by-the-quart');
    // 1 US cup of oil and 1 US tablespoon of detergent are 236.588 + 14.787 mL (NIST Handbook 44, from memory).
    expect($jar->number('actual.finished_mL'))->toEqualWithDelta(251.375, 1e-3)
        ->and(Notebook::get('/api/jars')->text('jars.0.slug'))->toBe($jar->text('recipe.slug'));
    // Shaken before each pour; there is nothing to shake while spraying.
    expect($jar->number('plan.emulsion.reshake_seconds'))->toEqual(0.0)->and($jar->text('plan.emulsion.verdict'))->toBe('none-needed');
    $before = Notebook::get('/api/jars')->number('jars.0.leftMl');

    $spray = pouredFrom($jar->id(), ['amount' => 1, 'unit' => '[qt_us]']);
    $after = Notebook::get('/api/jars')->number('jars.0.leftMl');
    expect($spray->status)->toBe(201)
        ->and($spray->id('pouredFrom.id'))->toBe($jar->id())
        ->and($before - $after)->toBeGreaterThan(5.0)
        // Where a jar stands ready its things are not measured again.
        ->and(json_encode($spray->list('plan.steps'), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE))->not->toContain('Make the stock first');

    $much = pouredFrom($jar->id(), ['amount' => 200, 'unit' => 'L']);
    expect($much->status)->toBe(422)->and($much->text('error.path'))->toBe('/stockBatchId')->and($much->text('error.message'))->toContain('are left in that jar')
        ->and(Notebook::get('/api/jars')->number('jars.0.leftMl'))->toBe($after);
});

it('puts no empty jar on the shelf', function (): void {
    $jar = jarOf('kitchen-oil-by-the-quart');
    $before = Notebook::get('/api/jars')->number('jars.0.leftMl');
    pouredFrom($jar->id(), ['amount' => 1, 'unit' => 'L']);
    $litre = $before - Notebook::get('/api/jars')->number('jars.0.leftMl');
    expect($litre)->toBeGreaterThan(5.0);
    // What is left goes into so many litres as it takes.
    expect(pouredFrom($jar->id(), ['amount' => $before / $litre - 1.0, 'unit' => 'L'])->status)->toBe(201)->and(Notebook::get('/api/jars')->list('jars'))->toBe([]);
});

it('pours only what a spray takes from what stands there', function (): void {
    $jar = jarOf('kitchen-oil-by-the-quart');
    $quart = ['amount' => 1, 'unit' => '[qt_us]'];
    expect(pouredFrom($jar->id(), $quart, 'mint-oil-by-the-cup')->text('error.message'))->toContain('Nothing of that stock')
        ->and(pouredFrom(9999, $quart)->text('error.path'))->toBe('/stockBatchId')
        ->and(pouredFrom(Notebook::mixed(), $quart)->text('error.message'))->toContain('no jar of a stock');
    Notebook::put("/api/batches/{$jar->id()}/discarded", ['discarded' => true]);
    expect(pouredFrom($jar->id(), $quart)->text('error.message'))->toContain('thrown away')
        ->and(Notebook::get('/api/jars')->list('jars'))->toBe([]);
});

it('opens the bench with the stock ready where a jar of it stands, and only then', function (): void {
    Date::setTestNow('2026-06-01T08:00:00Z');
    $ready = static function (string $recipe): mixed {
        $batch = Notebook::batch(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => '[qt_us]']])->id();
        $bench = Notebook::get("/api/opening?again={$batch}")->at('first.bench');

        return is_array($bench) ? $bench['stockReady'] ?? null : 'no bench';
    };
    expect($ready('kitchen-oil-by-the-quart'))->toBeNull();
    jarOf('kitchen-oil-by-the-quart');
    expect($ready('kitchen-oil-by-the-quart'))->toBeTrue()
        // Of another stock, and of what takes none, there is no jar.
        ->and($ready('egg-and-oil-milk'))->toBeNull()
        ->and($ready('plain-soap'))->toBeNull();
});
