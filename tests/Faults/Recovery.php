<?php

declare(strict_types=1);

namespace Tests\Faults;

use App\Notebook\Edition;
use App\Notebook\Sqlite;
use PDOException;
use Tests\Browser\Served;

/** What SQLite itself reads out of a damaged notebook: by .dump, and, where its shell was made with it, by .recover. https://www.sqlite.org/recovery.html */
final readonly class Recovery
{
    /** @param string|null $shell of SQLite with .recover; null where there is none here */
    private function __construct(private ?string $shell) {}

    public static function here(): self
    {
        $folder = Served::root() . '/var/recovery';
        if (Long::is()) {
            exec(escapeshellarg(__DIR__ . '/recovery') . ' ' . escapeshellarg($folder) . ' 2>&1', $said, $status);
            if ($status !== 0) {
                throw new \RuntimeException('The shell of SQLite with .recover could not be made: ' . implode("\n", $said));
            }
        }

        return new self(is_executable("{$folder}/sqlite3") ? "{$folder}/sqlite3" : null);
    }

    public function recovers(): bool
    {
        return $this->shell !== null;
    }

    /**
     * @param array<string, list<string>> $sound all that was in it before it was damaged, by table, each row as JSON
     *
     * @return array<string, list<int>> by table, which rows of it one of both ways reads as they were: one that lost a page of its own is read with what lies there now
     */
    public function whole(string $path, array $sound): array
    {
        $ways = ['sqlite3 ' . escapeshellarg($path) . ' .dump 2>/dev/null | sed s/^ROLLBACK.*/COMMIT\\;/ | sqlite3 %s 2>/dev/null'];
        if ($this->shell !== null) {
            // Without what was deleted: a page that is free holds what somebody took away.
            $ways[] = escapeshellarg($this->shell) . ' ' . escapeshellarg($path) . ' ".recover --ignore-freelist" 2>/dev/null | ' . escapeshellarg($this->shell) . ' %s 2>/dev/null';
        }
        $whole = [];
        foreach ($ways as $way) {
            $out = "{$path}.read";
            exec('rm -f ' . escapeshellarg($out) . '; ' . sprintf($way, escapeshellarg($out)));
            $named = Damage::readable($out);
            $lost = array_fill_keys(self::lost($out), true);
            @unlink($out);
            foreach (array_diff(array_keys($sound), ['notebook', 'migrations', 'sqlite_sequence', ...Edition::RECKONED]) as $table) {
                $read = array_fill_keys(array_map(self::plain(...), $named[$table] ?? []), true);
                foreach ($sound[$table] as $i => $row) {
                    if (isset($read[$plain = self::plain($row)]) || isset($lost[$plain])) {
                        $whole[$table][$i] = $i;
                    }
                }
            }
        }

        return array_map(array_values(...), $whole);
    }

    /** Without the names of the columns, and a fraction that is whole as a whole number: a column of fractions keeps it so. */
    public static function plain(string $row): string
    {
        return self::written(array_values((array) json_decode($row, true)));
    }

    /** @return list<string> what .recover found on pages that no table points to */
    private static function lost(string $out): array
    {
        try {
            // An index has no number of a row; of a row, it stands where the first value would.
            $found = Sqlite::open($out)->query('select * from lost_and_found where id is not null');
        } catch (PDOException) {
            return [];
        }
        $lost = [];
        foreach ($found === false ? [] : $found->fetchAll() as $row) {
            assert(is_array($row) && is_int($row['nfield'] ?? null));
            $lost[] = self::written([$row['id'] ?? null, ...array_slice(array_values($row), 5, $row['nfield'] - 1)]);
        }

        return $lost;
    }

    /** @param list<mixed> $values */
    private static function written(array $values): string
    {
        $plain = array_map(static fn(mixed $value): mixed => is_float($value) && floor($value) === $value && abs($value) < 1e15 ? (int) $value : $value, $values);

        return (string) json_encode($plain, \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_UNESCAPED_UNICODE);
    }
}
