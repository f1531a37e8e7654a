<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Declared\Before;
use App\Declared\Field;
use App\Declared\Identities;
use App\Declared\Plain;
use App\Declared\Records;
use App\Declared\Within;
use Illuminate\Support\Facades\DB;

/**
 * What stands in the tables themselves, to be compared with those of another notebook: by what the rows hold, and what names a row by
 * what it names.
 *
 * @phpstan-type Row array<string, bool|float|int|string|null>
 */
final class InTables
{
    /** What belongs to the notebook that a batch lies in, and does not travel with its document. */
    private const HERE = ['id', 'sprayer_id', 'plant_id', 'case_id', 'stock_batch_id', 'recipe_version_id', 'version', 'content', 'who', 'taken_back_at', 'created_at', 'updated_at'];

    private const INSIDE = ['id', 'batch_id', 'batch_item_id', 'batch_scoop_id', 'who', 'submission', 'content'];

    /** @return array<string, list<list<bool|float|int|string|null>>> every row by table, without what the log does not carry */
    public static function all(): array
    {
        $identities = new Identities();
        $all = [];
        foreach (app(Records::class)->all() as $table => $record) {
            $fields = array_values(array_filter($record->fields(), static fn(Field $field): bool => $field->notCarried() === null));
            $rows = [];
            foreach ($fields === [] ? [] : self::rows($table) as $row) {
                $values = [];
                foreach ($fields as $field) {
                    foreach ($field->columns() as $column) {
                        $values[] = self::value($table, $field, $column, $row, $identities);
                    }
                }
                $rows[] = $values;
            }
            sort($rows);
            $all[$table] = $rows;
        }

        return $all;
    }

    /** Nothing stands in any of them any more. */
    public static function emptied(): void
    {
        DB::table('batches')->update(['case_id' => null, 'stock_batch_id' => null]);
        foreach (array_reverse(array_keys(app(Records::class)->all())) as $table) {
            DB::table($table)->delete();
        }
    }

    /** @return list<list<Row>> all that is kept of a batch, but for what belongs to the notebook it lies in */
    public static function ofBatch(int $id): array
    {
        $batch = array_map(static fn(array $row): array => array_diff_key($row, array_flip(self::HERE)), self::rows('batches', 'id', [$id]));
        $items = array_column(self::rows('batch_items', 'batch_id', [$id]), 'id');
        $scoops = array_column(self::rows('batch_scoops', 'batch_item_id', $items), 'id');
        $inside = static fn(string $table, string $column, array $ids): array => array_map(static fn(array $row): array => array_diff_key($row, array_flip(self::INSIDE)), self::rows($table, $column, array_values($ids)));

        return [$batch, $inside('batch_items', 'batch_id', [$id]), $inside('batch_scoops', 'batch_item_id', $items), $inside('batch_ticks', 'batch_scoop_id', $scoops), $inside('batch_steps', 'batch_id', [$id]), $inside('stand_tests', 'batch_id', [$id])];
    }

    /**
     * @param list<mixed>|null $ids all rows where it is null
     *
     * @return list<Row>
     */
    private static function rows(string $table, string $column = 'id', ?array $ids = null): array
    {
        $rows = DB::table($table)->when($ids !== null, static fn($question) => $question->whereIn($column, $ids ?? []))->orderBy('id')->get()->all();

        /** @var list<Row> */
        return array_map(static fn(object $row): array => (array) $row, $rows);
    }

    /** @param Row $row */
    private static function value(string $table, Field $field, string $column, array $row, Identities $identities): bool|float|int|string|null
    {
        $record = (string) ($row['record'] ?? '');

        return match (true) {
            $field instanceof Within => $column === 'record' ? $row[$column] : self::identity($field->table === '' ? $record : $field->table, $row[$column]),
            $table === 'revisions' && $column === 'before' => Before::told(app(Records::class)->of($record), (string) $row[$column], $identities),
            // Byte by byte, as it is kept.
            $field instanceof Plain => $row[$column],
            default => $field->told($row, $identities),
        };
    }

    /** What tells a row from the others wherever it stands: its identity, and that of what it is told within. */
    private static function identity(string $table, bool|float|int|string|null $id): string
    {
        $record = app(Records::class)->of($table);
        $row = self::rows($table, 'id', [$id])[0] ?? [];
        $parents = [];
        foreach ($record->fields() as $field) {
            if ($field instanceof Within) {
                $parents[$field->columns()[0]] = $field->table;
            }
        }

        return implode(' ', array_map(static fn(string $column): string => isset($parents[$column]) ? self::identity($parents[$column], $row[$column] ?? null) : (string) ($row[$column] ?? ''), $record->identity()));
    }
}
