<?php

declare(strict_types=1);

use App\Models\LeafPhoto;
use IdleMixer\Core\Tests\Support\Leaves\Camera;
use IdleMixer\Core\Tests\Support\Leaves\Leaves as MadeLeaves;
use IdleMixer\Core\Tests\Support\Leaves\Painter;
use IdleMixer\Core\Tests\Support\Leaves\Scenes;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Contract;
use Tests\Feature\Notebook;

function leafTestId(): int
{
    $plant = Notebook::plant();

    return Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => Notebook::mixed(Notebook::case($plant)), 'plantId' => $plant])->id();
}

/** @return array{string, float} JPEG, and the percent of it that is hurt */
function madeLeaf(int $number): array
{
    $made = MadeLeaves::one($number);
    [$picture, $truth] = (new Painter($made))->paint();

    return [Camera::take($picture, $made), $truth];
}

function kept(int $test, string $bytes, string $when = 'after', int $leaf = 1): Answer
{
    return Notebook::put("/api/leaf-tests/{$test}/photos/{$leaf}/{$when}", ['picture' => base64_encode($bytes)]);
}

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

it('measures a photograph, takes off what was there before, and reads it again as it is told', function (): void {
    $test = leafTestId();
    [$photo, $truth] = madeLeaf(24);
    $alone = kept($test, $photo);
    expect($alone->number('measured.injured'))->toEqualWithDelta($truth, 3.0)->and($alone->at('measured.lessBefore'))->toBeFalse();
    kept($test, $photo, 'before');
    $again = Notebook::post("/api/leaf-tests/{$test}/photos/1/after", '{"strictness":0}');
    // The same leaf before and after: nothing came to it.
    expect($again->at('measured.lessBefore'))->toBeTrue()->and($again->number('measured.injured'))->toEqualWithDelta(0.0, 0.6);
    $whole = static fn(string $reading) => Notebook::post("/api/leaf-tests/{$test}/photos/1/before", $reading)->number('measured.injured');
    expect($whole('{"healthy":[{"x":0.5,"y":0.5,"radius":1}]}'))->toBe(0.0)
        ->and($whole('{"strictness":1}'))->toBeGreaterThanOrEqual($whole('{"strictness":-1}'))
        ->and(Notebook::post("/api/leaf-tests/{$test}/photos/1/before", '{"strictness":2}')->text('error.path'))->toBe('/strictness');
    expect(Notebook::get("/api/leaf-tests/{$test}")->at('leafList.0'))->toMatchArray(['photoBefore' => true, 'photoAfter' => true]);
    Notebook::put("/api/leaf-tests/{$test}/photos/1/before", ['picture' => '']);
    expect(Notebook::get("/api/leaf-tests/{$test}")->at('leafList.0.photoBefore'))->toBeFalse();
});

// Common practice, no source: what burnt is shown to somebody who knows, whether it was tested before or not.
it('keeps a photograph of leaves that burnt without a test, and measures one that can be', function (): void {
    $case = Notebook::case(Notebook::plant());
    $round = Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => Notebook::mixed($case), 'override' => 'It was urgent'])->id('saved.id');
    [$photo, $truth] = madeLeaf(24);
    expect(Notebook::post('/api/leaf-photos', ['picture' => base64_encode($photo)])->number('measured.injured'))->toEqualWithDelta($truth, 3.0)
        ->and(Notebook::post('/api/leaf-photos', ['picture' => ''])->at('measured'))->toBeNull()
        ->and(Notebook::post('/api/leaf-photos', ['picture' => '&'])->text('error.path'))->toBe('/picture');
    $burn = Notebook::sent("/api/rounds/{$round}/burns", ['share' => 30])->id('saved.id');
    $kept = static fn(): mixed => Notebook::get("/api/cases/{$case}")->at('rounds.0.burns.0.photoAt');
    expect($kept())->toBeNull()->and(Notebook::get("/api/burns/{$burn}/photo")->status)->toBe(404)
        ->and(Notebook::put("/api/burns/{$burn}/photo", ['picture' => base64_encode('no picture')])->text('error.path'))->toBe('/picture')
        ->and(Notebook::put('/api/burns/99/photo', ['picture' => ''])->status)->toBe(404);
    // A whole plant in the garden measures nothing, and is kept all the same.
    $garden = imagecreatetruecolor(400, 300);
    ob_start();
    imagejpeg($garden);
    $plain = (string) ob_get_clean();
    expect(Notebook::post('/api/leaf-photos', ['picture' => base64_encode($plain)])->status)->toBe(422);
    Notebook::put("/api/burns/{$burn}/photo", ['picture' => base64_encode($plain)]);
    expect($kept())->toBe('2026-06-01T18:00:00Z');
    $shown = (string) app(Kernel::class)->handle(Request::create("http://127.0.0.1/api/burns/{$burn}/photo"))->getContent();
    expect((array) getimagesizefromstring($shown))->toMatchArray([0 => 400, 1 => 300, 'mime' => 'image/jpeg'])->and($shown)->not->toBe($plain);
    Notebook::put("/api/burns/{$burn}/photo", ['picture' => '']);
    expect($kept())->toBeNull();
});

it('keeps no place where a photograph was taken', function (): void {
    $test = leafTestId();
    kept($test, Camera::withOrientation(madeLeaf(24)[0], 1));
    expect(base64_decode(LeafPhoto::query()->firstOrFail()->picture, true))->not->toContain('Exif')->toStartWith("\xFF\xD8");
});

it('refuses what is no leaf and keeps nothing of it', function (string $bytes, string $says): void {
    $files = static fn(): array => array_filter((array) glob(sys_get_temp_dir() . '/{php,gd,mixer}*', GLOB_BRACE), is_string(...));
    $before = $files();
    $picture = Scenes::all()[$bytes] ?? $bytes;
    $said = kept(leafTestId(), $picture);
    // Others work in the same folder: what counts is what holds this picture.
    $left = array_filter(array_diff($files(), $before), static fn(string $file): bool => str_contains((string) @file_get_contents($file), $picture));
    expect($said->status)->toBe(422)->and($said->text('error.message'))->toContain($says)
        ->and(LeafPhoto::query()->count())->toBe(0)->and($left)->toBe([]);
})->with([
    'a script' => ["<?php system('ls');", 'JPEG, PNG or WebP'],
    'an SVG' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'JPEG, PNG or WebP'],
    'a blank sheet' => ['a blank sheet', 'no leaf'],
    'two leaves' => ['two leaves', 'more than one'],
]);

it('refuses a leaf that the test has not, a text that is no base 64, and a file that is too long', function (): void {
    $test = leafTestId();
    expect(kept($test, 'x', leaf: 99)->status)->toBe(404)
        ->and(Notebook::put("/api/leaf-tests/{$test}/photos/1/after", ['picture' => '***'])->text('error.message'))->toBe('Expected a picture in base 64; this is none.')
        ->and(Notebook::put("/api/leaf-tests/{$test}/photos/1/after", ['picture' => str_repeat('A', 1_900_001)])->status)->toBeGreaterThan(399);
});

it('answers on the console with the document that its schema describes, and refuses with one sentence', function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'leaf');
    [$photo, $truth] = madeLeaf(24);
    file_put_contents($file, $photo);
    expect(Artisan::call('mixer:leaf', ['photo' => $file, '--json' => true]))->toBe(0);
    $text = Artisan::output();
    $told = new Answer(200, $text, []);
    expect(Contract::schemaFault('leaf', $text))->toBe('')->and($told->number('injured_percent'))->toEqualWithDelta($truth, 3.0)->and($told->at('unsure'))->toBeFalse();
    expect(Artisan::call('mixer:leaf', ['photo' => $file, '--before' => $file, '--json' => true]))->toBe(0);
    expect((new Answer(200, Artisan::output(), []))->number('injured_percent'))->toBe(0.0);
    foreach (['/nowhere.jpg' => '/photo', __FILE__ => '/photo'] as $wrong => $path) {
        expect(Artisan::call('mixer:leaf', ['photo' => $wrong, '--json' => true]))->toBe(1);
        expect((new Answer(422, Artisan::output(), []))->text('error.path'))->toBe($path);
    }
    expect(Artisan::call('mixer:leaf', ['photo' => $file, '--before' => __FILE__]))->toBe(1);
    expect((new Answer(422, Artisan::output(), []))->text('error.path'))->toBe('/before');
    unlink($file);
});

it('trains an eye, remembers it, and corrects a look by it', function (): void {
    $leaves = Notebook::get('/api/eye/oval/7');
    expect($leaves->list('leaves'))->toHaveCount(10)->and($leaves->at('leaves.0.share'))->toBeNull()->and(Notebook::get('/api/eye')->at('eye'))->toBeNull();
    $truths = Notebook::post('/api/eye', ['submission' => Notebook::submission(), 'shape' => 'oval', 'seed' => 7, 'guesses' => array_fill(0, 10, 0)])->list('truths');
    $high = array_map(static fn(mixed $truth): float => min(100.0, (is_float($truth) || is_int($truth) ? $truth : 0.0) + 8.0), $truths);
    $told = Notebook::post('/api/eye', ['submission' => Notebook::submission(), 'shape' => 'oval', 'seed' => 7, 'guesses' => $high]);
    expect($told->list('guesses'))->toEqualWithDelta($high, 1e-9)->and($told->list('truths'))->toBe($truths);
    expect($told->number('biasLow'))->toEqualWithDelta(8.0, 0.1)->and($told->text('words'))->toContain('8 points high below 20 %')->and($told->at('correctable'))->toBeTrue();
    $test = leafTestId();
    $leavesSeen = array_map(static fn(int $n): array => ['leaf' => $n, 'share' => $n === 1 ? 10 : 0], range(1, 5));
    $read = Notebook::post("/api/leaf-tests/{$test}/readings", ['submission' => Notebook::submission(), 'leaves' => $leavesSeen, 'correctedByEye' => true]);
    expect($read->number('readings.0.leaves.0.share'))->toEqualWithDelta(2.0, 0.1)->and($read->number('readings.0.leaves.1.share'))->toBe(0.0);
    expect(Notebook::post('/api/eye', ['submission' => Notebook::submission(), 'shape' => 'oval', 'seed' => 7, 'guesses' => [1]])->status)->toBe(422)
        ->and(Notebook::get('/api/eye/round/7')->status)->toBe(422);
});

it('draws the leaves that a look is compared with', function (): void {
    $drawn = Notebook::get('/api/leaf-drawings/lobed');
    expect(array_column($drawn->list('drawings'), 'share'))->toBe([0, 1, 2, 5, 10, 20, 40, 70, 100]);
});
