<?php

declare(strict_types=1);

use App\Http\Page;
use App\Http\Screen;
use Tests\Feature\Notebook;

it('answers several questions in one call, each as it answers alone', function (): void {
    Notebook::plant('Aster');
    $several = Notebook::get('/api/several?get[]=/api/plants&get[]=/api/cases/99&get[]=/api/today?zone=Europe/Lisbon');
    $parts = json_decode($several->text, true, 64, \JSON_THROW_ON_ERROR);
    assert(is_array($parts) && is_array($parts['/api/plants']) && is_array($parts['/api/cases/99']) && is_array($parts['/api/today?zone=Europe/Lisbon']));

    expect($parts['/api/plants'])->toBe(['status' => 200, 'body' => json_decode(Notebook::get('/api/plants')->text, true)])
        ->and($parts['/api/cases/99']['status'])->toBe(404)
        ->and($parts['/api/today?zone=Europe/Lisbon']['status'])->toBe(200);
});

it('asks nothing but its own API, and not without end', function (string $query): void {
    expect(Notebook::get("/api/several?{$query}")->text('error.path'))->toBe('/get');
})->with([
    'nothing' => [''],
    'another machine' => ['get[]=http://evil.invalid/api/plants'],
    'a page' => ['get[]=/bench'],
    'itself' => ['get[]=/api/several?get[]=/api/plants'],
    'too many' => [implode('&', array_map(static fn(int $i): string => "get[]=/api/cases/{$i}", range(1, 17)))],
]);

it('lays within the page what its screen asks for, and nothing that could end a script', function (): void {
    Notebook::plant('</script><script>alert(1)</script>');
    $folder = sys_get_temp_dir() . '/idle-mixer-page-' . bin2hex(random_bytes(4));
    mkdir("{$folder}/.vite", 0o700, true);
    copy(resource_path('index.html'), "{$folder}/index.html");
    file_put_contents("{$folder}/.vite/manifest.json", json_encode(['js/screens/plants/Plants.svelte' => ['file' => 'assets/Plants.js', 'imports' => ['_shared.js']], '_shared.js' => ['file' => 'assets/shared.js']], \JSON_THROW_ON_ERROR));
    $page = implode('', [...(new Page(app(App\Http\InnerCalls::class), $folder, 'h1 { margin: 0 }', 'ab12'))->parts(Screen::at('/plants', '', ''), 'shed')]);
    exec('rm -rf ' . escapeshellarg($folder));

    expect(preg_match('#<script type="application/json" id="answers">(.*?)</script>#s', $page, $found))->toBe(1);
    $answers = json_decode($found[1] ?? '', true, 64, \JSON_THROW_ON_ERROR);
    assert(is_array($answers));
    expect(array_keys($answers))->toBe(['/api/rows', '/api/catalogue', '/api/courses'])
        ->and($answers['/api/catalogue'])->toBe(['status' => 200, 'body' => json_decode(Notebook::get('/api/catalogue')->text, true)])
        ->and(str_contains($page, '<script>alert'))->toBeFalse()
        ->and($page)->toContain('<style>h1 { margin: 0 }</style>')->toContain('<h1>Plants</h1>')->toContain('<html lang="en" data-theme="shed">')
        ->and($page)->toContain('<a href="/plants" aria-current="page" class="place">')
        ->and($page)->toContain('<meta name="announced" content="/build/assets/Plants.js /build/assets/shared.js"><meta name="notebook" content="ab12"><meta name="writes" content=""></head>');
});

it('paints the spoons of the opening before the rest is asked, each text escaped', function (): void {
    $opening = ['first' => ['answer' => ['plan' => ['loads' => [['spoken' => '1 US qt (946 mL)', 'items' => [['words' => '2 tsp', 'name' => 'neem <b>oil</b>']]]]]]]];
    expect(App\Http\FirstPlan::of((string) json_encode($opening)))->toBe('<ol class="first room"><li data-spoon><b>2 tsp</b> neem &lt;b&gt;oil&lt;/b&gt;</li><li data-spoon><b>water</b> to the 1 US qt mark</li></ol>');
    $folder = sys_get_temp_dir() . '/idle-mixer-page-' . bin2hex(random_bytes(4));
    mkdir($folder);
    copy(resource_path('index.html'), "{$folder}/index.html");
    $parts = [...(new Page(app(App\Http\InnerCalls::class), $folder, '', ''))->parts(Screen::at('/bench', '', ''), '')];
    exec('rm -rf ' . escapeshellarg($folder));
    expect($parts[0])->toContain('<h1>Bench</h1>')->and(str_contains($parts[0], 'data-spoon'))->toBeFalse()
        ->and($parts[1])->toStartWith('<ol class="first room"><li data-spoon>')
        ->and($parts[2])->toStartWith('<script type="application/json" id="answers">')->and(array_map(static fn(string $path): bool => str_contains($parts[2], (string) json_encode($path)), ['/api/opening', '/api/recipes']))->toBe([true, true]);
});

it('knows every screen that the router knows, by the same module', function (): void {
    preg_match_all("#'(/[^']*)': \\(\\) => import\\('\\./screens/([^']+)\\.svelte'\\)#", (string) file_get_contents(resource_path('js/routes.ts')), $routes, \PREG_SET_ORDER);
    expect(count($routes))->toBeGreaterThan(12);
    foreach ($routes as [, $path, $module]) {
        expect(Screen::at(str_replace(':id', '7', $path), '', '')?->module)->toBe($module, $path);
    }
});

it('asks for the opening as the bench does', function (string $query, string $asked): void {
    expect(Screen::at('/bench', $query, '')?->asks)->toContain($asked);
})->with([
    ['', '/api/opening'],
    ['recipe=mild-soap', '/api/opening'],
    ['case=4&recipe=mild-soap', '/api/opening?case=4'],
    ['case=4&again=12', '/api/opening?again=12&case=4'],
    ['plant=3&cup=1', '/api/opening?plant=3&cup=1'],
    ['cup=1&again=12&times=0.5', '/api/opening?again=12&times=0.5&cup=1'],
    ['case=4%26x', '/api/opening'],
]);

it('asks for the hours of the spray that is meant, and of the usual one where it is none', function (string $query, string $asked): void {
    expect(Screen::at('/day', $query, '')?->asks)->toContain($asked);
})->with([['', '/api/day'], ['spray=mild-soap', '/api/day?spray=mild-soap'], ['spray=batch-12', '/api/day?spray=batch-12'], ['spray=a%26b', '/api/day'], ['spray[]=x', '/api/day'], ['spray=', '/api/day']]);

it('asks for today only once the page knows where the clock stands', function (): void {
    expect(Screen::at('/', '', '')?->asks)->toBe([])->and(Screen::at('/', '', 'Europe/Lisbon')?->asks)->toBe(['/api/today?zone=Europe%2FLisbon']);
});

/** Where the screens lie that are served, with or without them. */
function screensAt(bool $built): void
{
    $folder = sys_get_temp_dir() . '/idle-mixer-public-' . bin2hex(random_bytes(4));
    mkdir("{$folder}/build/.vite", 0o700, true);
    register_shutdown_function(static fn() => exec('rm -rf ' . escapeshellarg($folder)));
    if ($built) {
        copy(resource_path('index.html'), "{$folder}/build/index.html");
        file_put_contents("{$folder}/build/.vite/manifest.json", '{}');
    }
    app()->usePublicPath($folder);
}

it('answers each address with what is there', function (string $path, int $status, string $type): void {
    screensAt(true);
    $answer = Notebook::get($path);
    expect($answer->status)->toBe($status)->and(explode(';', $answer->headers['content-type'] ?? '')[0])->toBe($type);
})->with([
    'a screen' => ['/plants', 200, 'text/html'], 'the bench' => ['/bench', 200, 'text/html'], 'today' => ['/', 200, 'text/html'], 'a record' => ['/cases/12', 200, 'text/html'],
    'the frame alone' => ['/shell', 200, 'text/html'],
    'no screen' => ['/nothing/here', 404, 'text/html'], 'a list that is no screen' => ['/cases', 404, 'text/html'],
    'no file' => ['/favicon.bmp', 404, 'text/plain'], 'no script' => ['/build/assets/none.js', 404, 'text/plain'],
]);

it('says what to do where the screens are not built', function (): void {
    screensAt(false);
    $answer = Notebook::get('/plants');
    expect([$answer->status, $answer->text])->toBe([503, 'The screens are not built yet: run ./start once.']);
});
