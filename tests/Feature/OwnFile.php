<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Notebook\Forward;
use App\Notebook\Sqlite;
use Closure;
use Illuminate\Support\Facades\DB;

/** A notebook in a file of its own, for what does not happen in memory. */
final class OwnFile
{
    /** One that was brought to this version, as often as one is wanted. */
    private static ?string $empty = null;

    private static function empty(): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'notebook');
        unlink($path);
        app(Forward::class)->bring($path);
        Sqlite::open($path)->exec("insert or ignore into notebook (id, mark) values (1, 'own')");
        Sqlite::fold($path);
        register_shutdown_function(static fn() => array_map(unlink(...), array_filter((array) glob("{$path}*"), is_string(...))));

        return $path;
    }

    /** @param Closure(): void $do what is done while it is the notebook */
    public static function during(Closure $do): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'notebook');
        copy(self::$empty ??= self::empty(), $path);
        config(['database.connections.in-a-file' => [...(array) config('database.connections.sqlite'), 'database' => $path]]);
        $before = DB::getDefaultConnection();
        DB::setDefaultConnection('in-a-file');
        try {
            $do();
        } finally {
            DB::purge('in-a-file');
            DB::setDefaultConnection($before);
            foreach ((array) glob("{$path}*") as $left) {
                unlink((string) $left);
            }
        }
    }
}
