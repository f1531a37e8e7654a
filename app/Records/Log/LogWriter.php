<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Declared\Before;
use App\Declared\Field;
use App\Declared\Identities;
use App\Declared\Link;
use App\Declared\LogSchema;
use App\Declared\Part;
use App\Declared\Record;
use App\Declared\Records;
use App\Declared\ToBuySchema;
use DateTimeImmutable;
use Generator;
use Illuminate\Support\Facades\DB;

/**
 * The whole log as one JSON document, piece by piece, as the records are declared. Who wrote it when does not matter to its order, so
 * that the same log gives the same bytes in every notebook.
 *
 * @phpstan-type Row array<string, bool|float|int|string|null>
 */
final readonly class LogWriter
{
    private const AT_A_TIME = 50;

    public function __construct(private Records $records, private ToTakeAlong $ahead) {}

    /** @return Generator<int, string> */
    public function pieces(DateTimeImmutable $now): Generator
    {
        $identities = new Identities();
        yield '{"format":"' . LogSchema::FORMAT . '","version":' . LogSchema::VERSION;
        foreach ($this->records->lists() as $list => $record) {
            yield ",\n\"{$list}\":[";
            $first = true;
            foreach (self::pages($record) as $rows) {
                foreach ($this->entries($record, $rows, $identities) as $entry) {
                    yield ($first ? "\n" : ",\n") . $entry;
                    $first = false;
                }
            }
            yield "\n]";
        }
        yield ",\n\"" . ToBuySchema::LIST . "\":[\n" . implode(",\n", $this->ahead->entries($now)) . "\n]}\n";
    }

    /** @return Generator<int, list<Row>> by the identity of the records, so many at a time */
    private static function pages(Record $record): Generator
    {
        $by = count($record->identity()) === 1 ? $record->identity()[0] : 'id';
        $after = null;
        do {
            $rows = self::rows(DB::table($record->table())->when($after !== null, static fn($page) => $page->where($by, '>', $after))->orderBy($by)->limit(self::AT_A_TIME)->get()->all());
            if ($rows !== []) {
                yield $rows;
                $after = $rows[count($rows) - 1][$by] ?? null;
            }
        } while (count($rows) === self::AT_A_TIME);
    }

    /**
     * @param list<Row> $rows
     *
     * @return array<int, string> each as JSON, by its row; one that has to name another which is not there speaks of nothing, and is left out
     */
    private function entries(Record $record, array $rows, Identities $identities): array
    {
        $fields = $record->carried();
        foreach ($fields as $field) {
            if ($field instanceof Link) {
                $field->prepare($rows, $identities);
            }
        }
        $ids = array_values(array_filter(array_column($rows, 'id'), is_int(...)));
        $parts = $record->parts() === [] ? [] : array_map(fn(Part $part): array => $this->within($part, $ids, $identities), $record->parts());
        if ($record->isCorrected()) {
            $parts['was'] = $this->was($record, $ids, $identities);
        }
        $entries = [];
        foreach ($rows as $i => $row) {
            $told = [];
            foreach ($fields as $field) {
                $said = $field->told($row, $identities);
                if ($said === 'null' && $field->isRequired()) {
                    continue 2;
                }
                $told[] = "\"{$field->key()}\":{$said}";
            }
            $entries[$i] = '{' . implode(',', [...$told, ...self::inside($parts, $row['id'] ?? null)]) . '}';
        }

        return $entries;
    }

    /**
     * @param array<string, array<int, list<string>>> $parts by key and row
     *
     * @return list<string>
     */
    private static function inside(array $parts, bool|float|int|string|null $id): array
    {
        $told = [];
        foreach ($parts as $key => $by) {
            $told[] = "\"{$key}\":[" . implode(',', $by[is_int($id) ? $id : 0] ?? []) . ']';
        }

        return $told;
    }

    /**
     * @param list<int> $ids of the records that they are told within
     *
     * @return array<int, list<string>> by these
     */
    private function within(Part $part, array $ids, Identities $identities): array
    {
        $record = $this->records->get($part->of);
        $question = DB::table($record->table())->whereIn($part->column, $ids);
        foreach ($part->order as $column) {
            $question->orderBy($column);
        }
        $rows = self::rows($question->get()->all());
        $by = [];
        foreach ($this->entries($record, $rows, $identities) as $i => $entry) {
            $by[(int) ($rows[$i][$part->column] ?? 0)][] = $entry;
        }

        return $by;
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, list<string>> what each was before its changes, earliest first
     */
    private function was(Record $record, array $ids, Identities $identities): array
    {
        $rows = self::rows(DB::table('revisions')->where('record', $record->table())->whereIn('record_id', $ids)->orderBy('id')->get()->all());
        $by = [];
        foreach ($rows as $row) {
            $told = array_map(static fn(Field $field): string => "\"{$field->key()}\":" . ($field->key() === 'before' ? Before::told($record, (string) $row['before'], $identities) : $field->told($row, $identities)), $this->records->of('revisions')->carried());
            $by[(int) $row['record_id']][] = '{' . implode(',', $told) . '}';
        }

        return $by;
    }

    /**
     * @param array<mixed> $found
     *
     * @return list<Row>
     */
    private static function rows(array $found): array
    {
        /** @var list<Row> */
        return array_map(static fn(mixed $row): array => (array) $row, array_values($found));
    }
}
