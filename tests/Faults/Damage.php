<?php

declare(strict_types=1);

namespace Tests\Faults;

use App\Notebook\Sqlite;
use PDOException;

/** A sound notebook to begin from, ways to damage it, and what can be read of one. */
final class Damage
{
    private static ?House $house = null;

    /** One house whose notebook is sound again each time. */
    public static function house(): House
    {
        $house = self::$house ??= self::furnished();
        foreach ((array) glob("{$house->folder}/copies/{rescued,before,log,backup}*", \GLOB_BRACE) as $old) {
            unlink((string) $old);
        }
        exec('rm -rf ' . escapeshellarg($house->notebook()) . ' ' . escapeshellarg("{$house->notebook()}-wal") . ' ' . escapeshellarg("{$house->notebook()}-shm"));
        copy("{$house->folder}/sound.sqlite", $house->notebook());
        copy("{$house->folder}/sound.json", "{$house->folder}/serve/opened.json");
        copy("{$house->folder}/sound-layout.json", "{$house->folder}/serve/layout.json");

        return $house;
    }

    /** @return array<string, list<string>> by table, every row that can be read from the front, as JSON */
    public static function readable(string $path): array
    {
        $all = [];
        try {
            $pdo = Sqlite::open($path);
            foreach (Sqlite::tables($pdo) as $table) {
                try {
                    $rows = $pdo->query("select * from \"{$table}\" order by rowid");
                    while ($rows !== false && is_array($row = $rows->fetch())) {
                        $all[$table][] = (string) json_encode($row, \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_PRESERVE_ZERO_FRACTION | \JSON_UNESCAPED_UNICODE);
                    }
                } catch (PDOException) {
                    // The rest of this table cannot be read.
                }
            }
        } catch (PDOException) {
            // Nothing can.
        }

        return $all;
    }

    /** @return array<string, list<string>> the same of one that was read out, with what has no place any more under the table it came from */
    public static function rescued(string $path): array
    {
        $rows = self::readable($path);
        foreach ($rows['left_over'] ?? [] as $left) {
            $one = json_decode($left, true);
            assert(is_array($one) && is_string($one['record'] ?? null) && is_string($one['content'] ?? null));
            $rows[$one['record']][] = $one['content'];
        }

        return $rows;
    }

    public static function overwrite(string $path, int $at, string $by): void
    {
        $file = fopen($path, 'r+');
        assert($file !== false);
        fseek($file, $at);
        fwrite($file, $by);
        fclose($file);
    }

    /** A page of 4096 bytes, counted from 1. */
    public static function page(string $path, int $number, string $by): void
    {
        self::overwrite($path, 4096 * ($number - 1), $by);
    }

    /** The page on which a table begins. */
    public static function rootOf(string $path, string $table): int
    {
        return Sqlite::number(Sqlite::open($path), "select rootpage from sqlite_master where name = '{$table}'");
    }

    /** The page on which something stands. */
    public static function pageWith(string $path, string $text): int
    {
        $at = strrpos((string) file_get_contents($path), $text);
        assert($at !== false);

        return 1 + intdiv($at, 4096);
    }

    private static function furnished(): House
    {
        $house = House::build();
        $house->open();
        $house->serve();
        for ($n = 0; $n < 4; ++$n) {
            $gardeners = [new Gardener(), new Gardener()];
            Devices::run($house->address, [$gardeners[0]->season("bed {$n}"), $gardeners[1]->season("porch {$n}")]);
            if ($gardeners[0]->refused . $gardeners[1]->refused !== '') {
                throw new \RuntimeException($gardeners[0]->refused . $gardeners[1]->refused);
            }
        }
        $house->kill(\SIGTERM);
        $house->artisan('mixer:close');
        copy($house->notebook(), "{$house->folder}/sound.sqlite");
        copy("{$house->folder}/serve/opened.json", "{$house->folder}/sound.json");
        copy("{$house->folder}/serve/layout.json", "{$house->folder}/sound-layout.json");
        // An earlier day's, so that every case has a copy to go back to.
        copy($house->notebook(), "{$house->folder}/copies/daily-2026-01-01.sqlite");

        return $house;
    }
}
