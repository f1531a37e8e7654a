<?php

declare(strict_types=1);

use Tests\Feature\Notebook;

it('tells of a plant what is on it, what it had, what it bears and what comes next', function (): void {
    $plant = Notebook::plant('Zinnia', kind: 'zinnia');
    $sister = Notebook::plant('Zinnia two', kind: 'zinnia');
    $case = Notebook::case($plant);
    $batch = Notebook::mixed($case);
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'It was urgent']);
    Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => $batch, 'plantId' => $sister, 'leaves' => 2, 'controls' => false, 'waitHours' => 48]);
    $page = Notebook::get("/api/plants/{$plant}");

    expect($page->text('plant.name'))->toBe('Zinnia')
        ->and($page->at('cases.0.id'))->toBe($case)
        ->and([$page->at('had.0.batch.id'), $page->text('had.0.case.name')])->toBe([$batch, 'Aphids on Zinnia'])
        // A leaf test on its sister speaks for it, but is not its own to look at.
        ->and($page->text('tests.0.plant.name'))->toBe('Zinnia two')
        ->and(array_filter($page->list('next'), static fn(mixed $task): bool => ! is_array($task) || $task['ref'] !== $case))->toBe([])
        ->and(array_column($page->list('next'), 'kind'))->not->toContain('read-leaf-test')
        ->and(array_column(Notebook::get("/api/plants/{$sister}")->list('next'), 'kind'))->toBe(['read-leaf-test'])
        ->and(Notebook::get('/api/plants/99')->status)->toBe(404);
});

it('keeps a small JPEG of it, and refuses what is none before it is decoded', function (): void {
    $plant = Notebook::plant();
    $image = imagecreatetruecolor(40, 30);
    ob_start();
    imagejpeg($image);
    $jpeg = (string) ob_get_clean();
    ob_start();
    imagepng($image);
    $png = (string) ob_get_clean();
    $path = "/api/plants/{$plant}/picture";

    expect(Notebook::put($path, ['picture' => base64_encode($jpeg)])->status)->toBe(200)
        ->and(Notebook::get("/api/plants/{$plant}")->at('pictureAt'))->not->toBeNull();
    $served = app(Illuminate\Contracts\Http\Kernel::class)->handle(Illuminate\Http\Request::create("http://127.0.0.1{$path}", 'GET', server: ['REMOTE_ADDR' => '127.0.0.1']));
    // What is seen is the same; the file is another one, without whatever else stood in it.
    expect(getimagesizefromstring((string) $served->getContent()))->toMatchArray([0 => 40, 1 => 30, 2 => \IMAGETYPE_JPEG]);
    Notebook::put($path, ['picture' => base64_encode(substr($jpeg, 0, 2) . "\xFF\xFE\x00\x22<script>alert(1)</script>123456" . substr($jpeg, 2) . '<?php echo 1;')]);
    $served = app(Illuminate\Contracts\Http\Kernel::class)->handle(Illuminate\Http\Request::create("http://127.0.0.1{$path}", 'GET', server: ['REMOTE_ADDR' => '127.0.0.1']));
    expect(preg_match('/script|<\?php/', (string) $served->getContent()))->toBe(0)->and($served->headers->get('Content-Type'))->toBe('image/jpeg')->and($served->headers->get('X-Content-Type-Options'))->toBe('nosniff');
    foreach (['a PNG' => base64_encode($png), 'a script' => base64_encode('<script>alert(1)</script>'), 'no base 64' => '!!!', 'base 64 with something else in it' => substr_replace(base64_encode($jpeg), '!', 40, 0)] as $what => $picture) {
        expect(Notebook::put($path, ['picture' => $picture])->text('error.path'))->toBe('/picture', $what);
    }
    expect(Notebook::put($path, ['picture' => ''])->at('pictureAt'))->toBeNull()
        ->and(Notebook::get($path)->status)->toBe(404)
        ->and(Notebook::get("/api/plants/{$plant}")->at('pictureAt'))->toBeNull()
        ->and(Notebook::put('/api/plants/99/picture', ['picture' => ''])->status)->toBe(404);
});

it('owns a whole set of spoons with one tap, and not twice', function (): void {
    $set = ['submission' => Notebook::submission(), 'set' => 'us'];
    $made = Notebook::post('/api/measures/sets', $set);
    Notebook::post('/api/measures/sets', $set);
    expect($made->status)->toBe(201)->and($made->list('measures'))->toHaveCount(4)
        ->and(Notebook::get('/api/measures')->list('measures'))->toHaveCount(4)
        ->and(Notebook::post('/api/measures/sets', ['submission' => Notebook::submission(), 'set' => 'silver'])->text('error.path'))->toBe('/set');
});

it('draws a sprayer as what it is said to be, or as what its size mostly is', function (): void {
    $can = Notebook::post('/api/sprayers', ['submission' => Notebook::submission(), 'name' => 'Can', 'holds' => ['amount' => 1, 'unit' => '[gal_us]']]);
    expect($can->text('shape'))->toBe('pump-can');
    $changed = Notebook::change("/api/sprayers/{$can->id()}", ['pours' => [], 'shape' => 'watering-can']);
    expect([$changed->text('shape'), $changed->text('shapeWords')])->toBe(['watering-can', 'watering can'])
        ->and(Notebook::change("/api/sprayers/{$can->id()}", ['pours' => []])->text('shape'))->toBe('watering-can')
        ->and(Notebook::change("/api/sprayers/{$can->id()}", ['pours' => [], 'shape' => 'balloon'])->text('error.path'))->toBe('/shape');
});
