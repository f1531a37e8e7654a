<?php

declare(strict_types=1);

namespace App\Notebook;

use PDO;
use PDOException;

/** Which notebooks this code reads: their version is the number of steps that their tables have come. */
final readonly class Edition
{
    /** “IdMx”, where a file of SQLite tells whose it is. */
    public const APPLICATION = 0x49644D78;

    /** The tables of a notebook of the newest version. */
    public const TABLES = [
        'batch_items', 'batch_scoops', 'batch_steps', 'batch_ticks', 'batches', 'burn_photos', 'burns', 'case_steps', 'cases', 'counts', 'course_dues', 'course_looks', 'courses', 'eye_rounds', 'gardens', 'households', 'leaf_photos', 'leaf_readings', 'leaf_tests',
        'measures', 'migrations', 'notebook', 'plant_pictures', 'plants', 'recipe_versions', 'recipes', 'revisions', 'rounds', 'run_plants', 'run_taps', 'runs', 'shelf_bottles', 'sprayer_events', 'sprayers', 'stale_cases', 'stale_pests', 'stand_tests',
        'task_moves', 'trial_looks', 'trials', 'waits', 'watches', 'weather_reports', 'weighed_rounds', 'weighed_sprays',
    ];

    /** Tables with what is reckoned from the others: not worth saving, and made anew. */
    public const RECKONED = ['course_dues', 'stale_cases', 'stale_pests', 'weighed_rounds', 'weighed_sprays'];

    /** Columns that hold JSON: a file can be sound while what stands in it was overwritten. */
    public const JSON = [
        'batches' => ['document', 'rescues', 'lines', 'mixed', 'made'], 'cases' => ['situation', 'turns'], 'counts' => ['each', 'helpers', 'stages'], 'courses' => ['methods'], 'eye_rounds' => ['guesses'], 'households' => ['by_eye', 'free_days', 'writes'], 'leaf_readings' => ['leaves'], 'recipe_versions' => ['document'],
        'revisions' => ['before'], 'sprayers' => ['pours'], 'trial_looks' => ['counts'], 'waits' => ['seen'], 'weather_reports' => ['hours'],
    ];

    /** Columns of which a row has one at least, or nobody knows what it was. */
    public const ONE_OF = ['rounds' => ['batch_id', 'bought_name']];

    /** The question for rows of which a column holds what nobody can read; every batch has a plan, whatever it was mixed from. */
    public static function unreadable(string $table, string $column): string
    {
        $whole = $table === 'batches' && $column === 'document' ? '$.plan' : '$';

        return strtr("select rowid from {table} where {column} is not null and {column} != '' and (not json_valid({column}) or json_type({column}, '{whole}') is null)", ['{table}' => $table, '{column}' => $column, '{whole}' => $whole]);
    }

    /** @param list<string> $steps names of the migrations, in order */
    public function __construct(public array $steps) {}

    public static function of(string $root): self
    {
        $files = glob("{$root}/database/migrations/*.php");

        return new self(array_map(static fn(string $file): string => basename($file, '.php'), $files === false ? [] : $files));
    }

    public function version(): int
    {
        return count($this->steps);
    }

    /** Writes into a notebook that is up to date whose it is, of which version, and which file: a new mark. */
    public function stamp(PDO $pdo): string
    {
        $mark = bin2hex(random_bytes(16));
        $pdo->exec('pragma application_id = ' . self::APPLICATION);
        $pdo->exec("pragma user_version = {$this->version()}");
        self::mark($pdo, $mark);

        return $mark;
    }

    /** Gives a copy a mark of its own, so that nobody takes it for the file it was copied from. */
    public static function remark(PDO $pdo): void
    {
        if (in_array('notebook', Sqlite::tables($pdo), true)) {
            self::mark($pdo, 'copy-' . bin2hex(random_bytes(16)));
        }
    }

    /**
     * @return string what a notebook bears inside; empty where it bears nothing
     *
     * @throws PDOException when it cannot be read
     */
    public static function marked(string $path): string
    {
        if (! is_file($path)) {
            return '';
        }
        $pdo = Sqlite::open($path);

        return in_array('notebook', Sqlite::tables($pdo), true) ? Sqlite::texts($pdo, 'select mark from notebook')[0] ?? '' : '';
    }

    private static function mark(PDO $pdo, string $mark): void
    {
        $pdo->prepare('insert into notebook (id, mark) values (1, ?) on conflict (id) do update set mark = excluded.mark')->execute([$mark]);
    }
}
