<?php

declare(strict_types=1);

use App\Passphrase;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\File;
use Tests\Feature\Contract;
use Tests\Feature\Notebook;

const ELSEWHERE = ['REMOTE_ADDR' => '192.168.7.20'];

function passphraseFile(): string
{
    $file = config('mixer.passphrase_file');
    assert(is_string($file));

    return $file;
}

function later(int $seconds): void
{
    Date::setTestNow(Date::now()->addSeconds($seconds));
}

function signInsFile(): string
{
    return dirname(passphraseFile()) . '/signins.log';
}

beforeEach(function (): void {
    File::delete([passphraseFile(), signInsFile()]);
});
afterEach(function (): void {
    Date::setTestNow();
    File::delete([passphraseFile(), signInsFile()]);
});

it('sends a policy that allows only what is shipped, on pages and answers', function (string $path): void {
    $headers = Notebook::get($path)->headers;

    expect($headers['content-security-policy'])->toContain("default-src 'none'", "script-src 'self'", "style-src 'self'", "connect-src 'self'", "frame-ancestors 'none'")
        ->and($headers['content-security-policy'])->not->toContain('unsafe', '*', 'http:', 'https:')
        ->and($headers['x-content-type-options'])->toBe('nosniff')
        ->and($headers['referrer-policy'])->toBe('same-origin')
        ->and($headers['cache-control'])->toContain('no-store')
        ->and($headers)->not->toHaveKey('set-cookie');
})->with(['/api/ping', '/api/nothing', '/', '/cases/12']);

it('shuts every other machine out until a passphrase is set', function (string $path): void {
    expect(Notebook::get($path, ELSEWHERE)->status)->toBe(403)->and(Notebook::get($path, ELSEWHERE)->text('error.message'))->toContain('./start --passphrase');
})->with(['/', '/api/plants', '/api/ping', '/bench']);

it('lets another machine in with the passphrase, and with nothing else', function (): void {
    app(Passphrase::class)->set('a long one, please');
    expect(Notebook::get('/api/plants', ELSEWHERE)->status)->toBe(401)
        ->and(Notebook::get('/bench', ELSEWHERE)->status)->toBe(401)
        ->and(Notebook::get('/bench', ELSEWHERE)->text)->toContain('<form method="post" action="/passphrase">')
        ->and(Notebook::get('/bench', ELSEWHERE)->text)->not->toContain('<script');

    expect(enter('wrong one')->getStatusCode())->toBe(403);
    $entered = enter('a long one, please');
    expect($entered->getStatusCode())->toBe(303);
    $cookie = $entered->headers->getCookies()[0] ?? null;
    expect($cookie?->isHttpOnly())->toBeTrue()->and($cookie?->getSameSite())->toBe('strict');
    expect(withCookie('/api/plants', (string) $cookie?->getName(), (string) $cookie?->getValue()))->toBe(200);

    app(Passphrase::class)->set('another one, please');
    expect(withCookie('/api/plants', (string) $cookie?->getName(), (string) $cookie?->getValue()))->toBe(401);
});

it('takes nothing from another machine without the passphrase, and opens no session for it', function (string $method, string $path): void {
    app(Passphrase::class)->set('a long one, please');
    $body = json_encode(['submission' => Notebook::submission(), 'name' => 'Aster', 'tolerance' => 'ordinary-leaf'], \JSON_THROW_ON_ERROR);
    $answer = app(Illuminate\Contracts\Http\Kernel::class)->handle(Illuminate\Http\Request::create($path, $method, server: [...ELSEWHERE, 'CONTENT_TYPE' => 'application/json'], content: $body));
    expect($answer->getStatusCode())->toBe(401)->and($answer->headers->getCookies())->toBe([])->and(App\Models\Plant::query()->count())->toBe(0);
})->with([['POST', '/api/plants'], ['PUT', '/api/garden'], ['DELETE', '/api/plants/1'], ['POST', '/api/ping'], ['GET', '/passphrase'], ['PUT', '/passphrase'], ['POST', '/passphrase/forget']]);

it('slows down whoever guesses, and lets others in meanwhile', function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
    app(Passphrase::class)->set('a long one, please');
    for ($i = 0; $i < 5; ++$i) {
        expect(enter("guess {$i}")->getStatusCode())->toBe(403);
    }
    $held = enter('a long one, please');
    expect($held->getStatusCode())->toBe(429)->and((string) $held->getContent())->toMatch('/Wait (5\d|60) seconds/')
        ->and(enter('a long one, please', '192.168.7.21')->getStatusCode())->toBe(303);
    // A minute later it is heard again, and whoever is in had only mistyped.
    later(59);
    expect((string) enter('a long one, please')->getContent())->toContain('Wait 1 second and');
    later(1);
    expect(enter('a long one, please')->getStatusCode())->toBe(303)->and(enter('mistyped')->getStatusCode())->toBe(403);
});

it('slows down many who guess together, from however many addresses', function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
    app(Passphrase::class)->set('a long one, please');
    for ($i = 0; $i < 20; ++$i) {
        expect(enter("guess {$i}", "192.168.8.{$i}")->getStatusCode())->toBe(403);
    }
    expect(enter('a long one, please', '192.168.9.1')->getStatusCode())->toBe(429);
    later(599);
    expect(enter('a long one, please', '192.168.9.1')->getStatusCode())->toBe(429);
    later(1);
    expect(enter('a long one, please', '192.168.9.1')->getStatusCode())->toBe(303);
});

it('tells the owner who came in, and who tried to, and nobody else', function (): void {
    app(Passphrase::class)->set('a long one, please');
    enter('wrong one', '192.168.7.30');
    later(10);
    enter('a long one, please', '192.168.7.31');
    $told = Notebook::get('/api/sign-ins');
    expect([$told->text('signIns.0.from'), $told->text('signIns.0.what'), $told->text('signIns.1.from'), $told->text('signIns.1.what'), count($told->list('signIns'))])->toBe(['192.168.7.31', 'in', '192.168.7.30', 'wrong', 2])
        ->and(Contract::faultOf('GET', '/api/sign-ins', 200, $told->text))->toBe('')
        ->and(Notebook::get('/api/sign-ins', ELSEWHERE)->status)->toBe(401)
        // What was entered stands nowhere.
        ->and((string) file_get_contents(signInsFile()))->not->toContain('wrong one')
        ->and(fileperms(signInsFile()) & 0o077)->toBe(0);
});

it('keeps the passphrase as a hash that only its owner may read', function (): void {
    app(Passphrase::class)->set('a long one, please');

    expect((string) file_get_contents(passphraseFile()))->not->toContain('long one')
        ->and((string) file_get_contents(passphraseFile()))->toStartWith('$2y$')
        ->and(fileperms(passphraseFile()) & 0o077)->toBe(0);
});

it('takes a passphrase of eight letters from its input, none shorter, and says so', function (string $typed, int $status, bool $isSet): void {
    $folder = sys_get_temp_dir() . '/mixer-passphrase-' . bin2hex(random_bytes(6));
    mkdir($folder);
    $process = proc_open([\PHP_BINARY, 'artisan', 'mixer:passphrase'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes, dirname(__DIR__, 2), [...getenv(), 'MIXER_DATA' => $folder]);
    assert($process !== false);
    fwrite($pipes[0], $typed);
    fclose($pipes[0]);
    $said = stream_get_contents($pipes[1]) . stream_get_contents($pipes[2]);
    $ended = proc_close($process);
    $hash = is_file("{$folder}/passphrase") ? trim((string) file_get_contents("{$folder}/passphrase")) : '';
    File::deleteDirectory($folder);
    expect($ended)->toBe($status)->and($said)->toContain($isSet ? 'is set' : 'at least 8 characters; nothing was changed')
        // What ends the line is no part of it.
        ->and(password_verify(rtrim($typed, "\r\n"), $hash))->toBe($isSet);
})->with([
    'seven letters' => ["seven12\n", 1, false],
    'eight' => ["eight123\n", 0, true],
    'eight letters of nine bytes' => ["öl sieht\r\n", 0, true],
    'seven letters of eleven bytes' => ["äüöäwas\n", 1, false],
    'nothing' => ['', 1, false],
]);

it('refuses calls from the pages of other sites', function (): void {
    expect(Notebook::post('/api/plants', [], ['HTTP_ORIGIN' => 'http://evil.invalid'])->status)->toBe(403)
        ->and(underName('evil.invalid'))->toBe(403)
        ->and(Notebook::post('/api/plants', [], ['HTTP_ORIGIN' => 'http://127.0.0.1'])->status)->toBe(422);
});

function enter(string $passphrase, string $from = '192.168.7.20'): Symfony\Component\HttpFoundation\Response
{
    $request = Illuminate\Http\Request::create('http://192.168.7.1/passphrase', 'POST', ['passphrase' => $passphrase], [], [], ['REMOTE_ADDR' => $from]);

    return app(Illuminate\Contracts\Http\Kernel::class)->handle($request);
}

/** A call from this machine under a name that somebody pointed at it. */
function underName(string $host): int
{
    return app(Illuminate\Contracts\Http\Kernel::class)->handle(Illuminate\Http\Request::create("http://{$host}/api/plants", 'GET', server: ['REMOTE_ADDR' => '127.0.0.1']))->getStatusCode();
}

function withCookie(string $path, string $name, string $value): int
{
    $request = Illuminate\Http\Request::create("http://192.168.7.1{$path}", 'GET', [], [$name => $value], [], ELSEWHERE);

    return app(Illuminate\Contracts\Http\Kernel::class)->handle($request)->getStatusCode();
}

it('opens no session for who knocks without one, nor keeps one of who did not get in', function (): void {
    app(Passphrase::class)->set('a long one, please');
    $folder = config('session.files');
    assert(is_string($folder));
    $files = static fn(): int => count((array) glob("{$folder}/*"));
    $before = $files();
    expect(Notebook::get('/api/plants', ELSEWHERE)->headers)->not->toHaveKey('set-cookie')
        ->and(withCookie('/api/plants', 'idle_mixer', 'made-up'))->toBe(401)
        ->and(enter('wrong one')->headers->getCookies())->toBe([])
        ->and($files())->toBe($before);
});

it('locks a device again', function (): void {
    app(Passphrase::class)->set('a long one, please');
    $cookie = enter('a long one, please')->headers->getCookies()[0] ?? null;
    $name = (string) $cookie?->getName();
    $value = (string) $cookie?->getValue();
    expect(withCookie('/api/plants', $name, $value))->toBe(200);
    $forget = Illuminate\Http\Request::create('http://192.168.7.1/passphrase/forget', 'POST', [], [$name => $value], [], ELSEWHERE);
    $forgotten = app(Illuminate\Contracts\Http\Kernel::class)->handle($forget);
    expect($forgotten->getStatusCode())->toBe(303)->and($forgotten->headers->get('Clear-Site-Data'))->toBe('"cache", "storage"')
        ->and(withCookie('/api/plants', $name, $value))->toBe(401);
});

it('begins a log anew that has grown to a megabyte, and keeps the one before', function (): void {
    $file = sys_get_temp_dir() . '/idle-mixer-log-' . bin2hex(random_bytes(4));
    $log = new Monolog\Logger('test', [new App\Notebook\BoundedLog($file)]);
    file_put_contents($file, str_repeat('x', 1_000_001));
    $log->warning('the first of the new one');
    expect((string) file_get_contents($file))->toContain('the first of the new one')->and(filesize($file))->toBeLessThan(1000)->and(filesize("{$file}.1"))->toBe(1_000_001);
    array_map(unlink(...), [$file, "{$file}.1"]);
});

it('goes on where a log cannot be written: what was to be said stands on the error output', function (string $file): void {
    $errors = (string) tempnam(sys_get_temp_dir(), 'errors');
    $before = ini_set('error_log', $errors);
    try {
        (new Monolog\Logger('test', [new App\Notebook\BoundedLog($file)]))->error('a fault of ours');
    } finally {
        ini_set('error_log', (string) $before);
    }
    expect((string) file_get_contents($errors))->toContain('a fault of ours')->toContain("The log {$file} could not be written.");
    unlink($errors);
})->with(['on a full disk' => '/dev/full', 'where no folder can be made' => '/proc/no/such/place/mixer.log']);

it('hears who writes from another machine, too, which its script says in the clear', function (): void {
    app(Passphrase::class)->set('a long one, please');
    $session = enter('a long one, please')->headers->getCookies()[0] ?? null;
    $request = Illuminate\Http\Request::create(
        'http://192.168.7.1/api/plants',
        'POST',
        [],
        [(string) $session?->getName() => (string) $session?->getValue(), 'who' => 'Ada'],
        [],
        [...ELSEWHERE, 'CONTENT_TYPE' => 'application/json', 'HTTP_ORIGIN' => 'http://192.168.7.1'],
        json_encode(['submission' => Notebook::submission(), 'name' => 'Aster', 'tolerance' => 'ordinary-leaf'], \JSON_THROW_ON_ERROR),
    );
    expect(app(Illuminate\Contracts\Http\Kernel::class)->handle($request)->getStatusCode())->toBe(201)
        ->and(Illuminate\Support\Facades\DB::table('plants')->where('name', 'Aster')->value('who'))->toBe('Ada');
});
