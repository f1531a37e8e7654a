<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Records\Fresh;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Calls the application as the screens do, and holds every answer of the API against the OpenAPI document. */
final class Notebook
{
    /** @param array<string, string> $server */
    public static function get(string $path, array $server = []): Answer
    {
        return self::call('GET', $path, null, $server);
    }

    /**
     * @param array<string, mixed>|string $body   a string goes as it is
     * @param array<string, string>       $server
     */
    public static function post(string $path, array|string $body, array $server = []): Answer
    {
        return self::call('POST', $path, $body, $server);
    }

    /**
     * Posts something new, under a submission of its own.
     *
     * @param array<string, mixed> $body
     */
    public static function sent(string $path, array $body): Answer
    {
        return self::post($path, ['submission' => self::submission(), ...$body]);
    }

    /**
     * @param array<string, mixed>|string $body
     * @param array<string, string>       $server
     */
    public static function put(string $path, array|string $body, array $server = []): Answer
    {
        return self::call('PUT', $path, $body, $server);
    }

    /**
     * Changes a record as a screen does that has just been opened: based on its newest version.
     *
     * @param array<string, mixed>|string $body a string is JSON text
     */
    public static function change(string $path, array|string $body): Answer
    {
        $sent = is_array($body) ? $body : (array) json_decode($body, true, 64, \JSON_THROW_ON_ERROR);

        return self::put($path, json_encode(['basedOn' => self::version($path), ...$sent], \JSON_THROW_ON_ERROR));
    }

    /**
     * Keeps a recipe as the screen does that shows its newest version.
     *
     * @param array<string, mixed>|string $document
     */
    public static function recipe(array|string $document): Answer
    {
        $read = is_array($document) ? $document : (array) json_decode($document, true, 64, \JSON_THROW_ON_ERROR);
        $slug = $read['slug'] ?? '';
        $version = json_decode(self::get('/api/recipes/' . (is_string($slug) ? $slug : ''))->text, true, 64, \JSON_THROW_ON_ERROR);

        return self::post('/api/recipes?basedOn=' . (is_array($version) && is_int($version['version'] ?? null) ? $version['version'] : 0), $document);
    }

    /** The newest version of the record that a path is about. */
    public static function version(string $path): int
    {
        preg_match('#^/api/([a-z-]+)(?:/(\d+))?#', $path, $named);
        $kind = $named[1] ?? '';
        $table = ['leaf-tests' => 'leaf_tests', 'readings' => 'leaf_readings', 'household' => 'households', 'shelf' => 'shelf_bottles'][$kind] ?? $kind;
        $version = DB::table($table)->where('id', (int) ($named[2] ?? 1))->value('version');

        return is_int($version) ? $version : 0;
    }

    public static function submission(): string
    {
        return Str::uuid()->toString();
    }

    public static function plant(string $name = 'Zinnia', string $tolerance = 'ordinary-leaf', string $kind = ''): int
    {
        return self::post('/api/plants', ['submission' => self::submission(), 'name' => $name, 'tolerance' => $tolerance, 'kind' => $kind])->id();
    }

    public static function case(int $plant, string $pest = 'aphids'): int
    {
        return self::post('/api/cases', ['submission' => self::submission(), 'plantId' => $plant, 'pest' => $pest])->id();
    }

    /**
     * @param array<string, mixed> $request
     * @param array<string, mixed> $beside  what stands on the bench beside the request
     * @param int|null             $of      the sprayer that it is mixed in
     */
    public static function batch(array $request = [], ?int $case = null, array $beside = [], ?int $of = null): Answer
    {
        return self::post('/api/batches', [
            'submission' => self::submission(),
            'bench' => ['request' => ['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 1, 'unit' => '[qt_us]'], ...$request], ...$beside],
            'caseId' => $case,
            'sprayerId' => $of,
        ]);
    }

    /**
     * Counts, and tells of the case after it.
     *
     * @param array<string, mixed> $look
     */
    public static function counted(int $case, array $look): Answer
    {
        $saved = self::sent("/api/cases/{$case}/counts", $look);

        return $saved->status === 201 ? self::get("/api/cases/{$case}") : $saved;
    }

    /** Takes back that migration and all after it. */
    public static function undoneFrom(string $migration): void
    {
        $steps = DB::table('migrations')->where('migration', '>=', $migration)->count();
        expect(app(Console::class)->call('migrate:rollback', ['--step' => $steps, '--force' => true]))->toBe(0);
    }

    /** As if somebody had asked what worked: what a write left to be weighed is weighed. */
    public static function weighed(): void
    {
        app(Fresh::class)->all();
    }

    /** Who the device says it is; null where it says nobody. */
    public static ?string $who = null;

    /** How it proposes to write; null where it proposes nothing. */
    public static ?string $writes = null;

    public static function tickAll(Answer $batch): void
    {
        foreach ($batch->list('items') as $i => $item) {
            foreach ($batch->list("items.{$i}.scoops") as $j => $scoop) {
                for ($number = 1; $number <= $batch->number("items.{$i}.scoops.{$j}.count"); ++$number) {
                    self::put("/api/batches/{$batch->id()}/scoops/{$batch->id("items.{$i}.scoops.{$j}.id")}/ticks/{$number}", ['ticked' => true]);
                }
            }
        }
    }

    /**
     * A batch that is mixed, ticked and saved.
     *
     * @param array<string, mixed> $request
     */
    public static function mixed(?int $case = null, array $request = []): int
    {
        $batch = self::batch($request, $case);
        self::tickAll($batch);

        return self::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even'])->id();
    }

    /**
     * @param array<string, mixed>|string|null $body
     * @param array<string, string>            $server
     */
    private static function call(string $method, string $path, array|string|null $body, array $server): Answer
    {
        if ($method !== 'GET') {
            $body = Keys::body($path, $body);
            $path = Keys::in($path);
        }
        $content = is_array($body) ? json_encode($body, \JSON_THROW_ON_ERROR) : $body;
        $kernel = app(Kernel::class);
        $request = Request::create("http://127.0.0.1{$path}", $method, [], array_filter(['who' => self::$who, 'writes' => self::$writes], is_string(...)), [], ['REMOTE_ADDR' => '127.0.0.1', 'CONTENT_TYPE' => 'application/json', ...$server], $content);
        $response = $kernel->handle($request);
        $text = (string) $response->getContent();
        $headers = [];
        foreach ($response->headers->all() as $name => $values) {
            $headers[$name] = implode(', ', array_filter($values, is_string(...)));
        }
        $plain = (string) parse_url($path, \PHP_URL_PATH);
        if (str_starts_with($plain, '/api/') && ! in_array($response->getStatusCode(), [401, 403], true)) {
            $fault = Contract::faultOf($method, $plain, $response->getStatusCode(), $text);
            if ($fault !== '') {
                throw new \RuntimeException("{$method} {$path} answered {$response->getStatusCode()}, against the OpenAPI document: {$fault}\n{$text}");
            }
        }

        return new Answer($response->getStatusCode(), $text, $headers);
    }
}
