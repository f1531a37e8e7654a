<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Notebook\Edition;
use App\Notebook\Forward;
use App\Notebook\Places;
use App\Notebook\Sqlite;
use Illuminate\Config\Repository;
use Illuminate\Contracts\Container\Container;
use Illuminate\Support\Facades\DB;

/** A data folder with a notebook of its own, for what looks at notebooks as files. */
final class Shelf
{
    private static string $written = '';

    private function __construct(public readonly string $folder, public readonly string $notebook, private readonly Container $app) {}

    /** One with a notebook in which everything stands once. */
    public static function filled(Container $app): self
    {
        $shelf = self::bare($app);
        if (self::$written === '') {
            self::$written = "{$shelf->folder}/../" . basename($shelf->folder) . '-written.sqlite';
            self::write($app, self::$written);
            $written = self::$written;
            register_shutdown_function(static fn() => array_map(unlink(...), array_filter((array) glob("{$written}*"), is_string(...))));
        }
        copy(self::$written, $shelf->notebook);

        return $shelf;
    }

    /** One with so many counts more, written last, so that they are the end of its file. */
    public static function withCounts(Container $app, int $many): self
    {
        $shelf = self::filled($app);
        $shelf->change("with recursive some(n) as (select 1 union all select n + 1 from some where n < {$many}) insert into counts (submission, case_id, counted_at, value, notes) select 'made-' || n, 1, '2026-05-01 00:00:00', n, hex(zeroblob(100 + n % 60)) from some");
        Sqlite::fold($shelf->notebook);

        return $shelf;
    }

    /** One without a notebook. */
    public static function bare(Container $app): self
    {
        $folder = sys_get_temp_dir() . '/idle-mixer-shelf-' . bin2hex(random_bytes(6));
        mkdir("{$folder}/serve", 0o700, true);
        register_shutdown_function(static fn() => exec('rm -rf ' . escapeshellarg($folder)));
        $app->instance(Places::class, new Places(new Repository(['mixer' => ['data' => $folder], 'database' => ['connections' => ['sqlite' => ['database' => "{$folder}/notebook.sqlite"]]]])));

        return new self($folder, "{$folder}/notebook.sqlite", $app);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    public function make(string $class): object
    {
        return $this->app->make($class);
    }

    public function places(): Places
    {
        return $this->make(Places::class);
    }

    public function number(string $query): int
    {
        return Sqlite::number(Sqlite::open($this->notebook), $query);
    }

    public function change(string $statement): void
    {
        $pdo = Sqlite::open($this->notebook);
        $pdo->exec('pragma foreign_keys = off');
        $pdo->exec($statement);
    }

    /** A page of 4096 bytes, counted from 1. */
    public function spoil(int $page, string $by): void
    {
        $file = fopen($this->notebook, 'r+');
        assert($file !== false);
        fseek($file, 4096 * ($page - 1));
        fwrite($file, $by);
        fclose($file);
    }

    public function rootOf(string $table): int
    {
        return $this->number("select rootpage from sqlite_master where name = '{$table}'");
    }

    public function older(): void
    {
        Sqlite::open($this->notebook)->exec((string) file_get_contents(dirname(__DIR__) . '/fixtures/notebook-9.sql'));
    }

    public static function version(): int
    {
        return Edition::of(dirname(__DIR__, 2))->version();
    }

    private static function write(Container $app, string $path): void
    {
        $app->make(Forward::class)->bring($path);
        $before = DB::getDefaultConnection();
        config(['database.connections.written' => [...(array) config('database.connections.sqlite'), 'database' => $path]]);
        DB::setDefaultConnection('written');
        $plant = Notebook::plant('Aster');
        Notebook::plant('Borage');
        $can = Notebook::post('/api/sprayers', ['submission' => Notebook::submission(), 'name' => 'Can', 'holds' => ['amount' => 2, 'unit' => 'L']])->id();
        for ($n = 0; $n < 3; ++$n) {
            $case = Notebook::case($plant);
            $batch = Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'bench' => ['request' => ['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 1, 'unit' => '[qt_us]']]], 'caseId' => $case, 'sprayerId' => $can]);
            Notebook::tickAll($batch);
            Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);
            Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => $batch->id(), 'plantId' => $plant, 'leaves' => 2, 'controls' => false]);
            Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch->id(), 'override' => 'It was urgent']);
            Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 10 + $n]);
        }
        DB::purge('written');
        DB::setDefaultConnection($before);
        Sqlite::fold($path);
    }
}
