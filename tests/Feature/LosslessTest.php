<?php

declare(strict_types=1);

use App\Declared\Before;
use App\Declared\Field;
use App\Declared\Identities;
use App\Declared\Plain;
use App\Declared\Records;
use App\Declared\Within;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\Feature\Contract;
use Tests\Feature\Every;
use Tests\Feature\Intake;
use Tests\Feature\Notebook;

/*
 * Nothing that the log is said to carry is lost on the way into another notebook: compared column by column in the tables themselves.
 */

it('declares every column of every table, once', function (): void {
    $records = app(Records::class)->all();
    // These two belong to the file, and not to what is written down in it.
    $tables = array_diff(array_column(Schema::getTables(), 'name'), ['migrations', 'notebook', 'sqlite_sequence']);
    expect(array_keys($records))->toEqualCanonicalizing(array_values($tables));
    foreach ($records as $table => $record) {
        $declared = array_merge(...array_map(static fn(Field $field): array => $field->columns(), $record->fields()));
        expect($declared)->toEqualCanonicalizing(Schema::getColumnListing($table), $table)
            ->and(array_unique($declared))->toBe($declared, $table);
    }
});

it('tells in its page what the log does not carry, and why', function (): void {
    $page = (string) file_get_contents(dirname(__DIR__, 2) . '/docs/log.md');
    $rows = [];
    foreach (app(Records::class)->all() as $table => $record) {
        foreach (array_filter($record->fields(), static fn(Field $field): bool => $field->notCarried() !== null) as $field) {
            foreach ($field->columns() as $column) {
                expect(strlen((string) $field->notCarried()))->toBeGreaterThan(20, "{$table}.{$column}");
                $rows["{$table}.{$column}"] = $field->notCarried();
            }
        }
    }
    preg_match_all('/^\| `([a-z_]+\.[a-z_]+)` +\| (.+?) *\|$/m', strstr($page, '## Not carried') ?: '', $told, \PREG_SET_ORDER);

    expect(array_column($told, 2, 1))->toEqualCanonicalizing($rows);
});

/** @return array<string, list<array<string, mixed>>> every row by table, each link as the identity of what it names, without what is not carried */
function wholeNotebook(): array
{
    $identities = new Identities();
    $all = [];
    foreach (app(Records::class)->all() as $table => $record) {
        $links = [];
        foreach ($record->fields() as $field) {
            if ($field->notCarried() === null) {
                $links = [...$links, ...array_fill_keys($field->columns(), $field)];
            }
        }
        $rows = [];
        foreach ($links === [] ? [] : DB::table($table)->orderBy('id')->get() as $row) {
            $row = (array) $row;
            // What is kept as it is compares byte by byte; what names a row compares by what it names.
            $rows[] = array_map(static fn(Field $field, string $column): mixed => match (true) {
                $field instanceof Within => $column === 'record' ? $row[$column] : identityOf($field->table === '' ? (string) $row['record'] : $field->table, $row[$column]),
                $table === 'revisions' && $column === 'before' => Before::told(app(Records::class)->of((string) $row['record']), (string) $row[$column], $identities),
                $field instanceof Plain => $row[$column],
                default => $field->told($row, $identities),
            }, $links, array_keys($links));
        }
        sort($rows);
        $all[$table] = $rows;
    }

    return $all;
}

/** What tells a row from the others wherever it stands: its identity, and that of what it is told within. */
function identityOf(string $table, mixed $id): string
{
    $record = app(Records::class)->of($table);
    $row = (array) DB::table($table)->find(is_int($id) ? $id : 0);
    $parents = [];
    foreach ($record->fields() as $field) {
        if ($field instanceof Within) {
            $parents[$field->columns()[0]] = $field->table;
        }
    }

    return implode(' ', array_map(static fn(string $column): string => isset($parents[$column]) ? identityOf($parents[$column], $row[$column]) : (is_scalar($row[$column]) ? (string) $row[$column] : ''), $record->identity()));
}

function emptied(): void
{
    DB::table('batches')->update(['case_id' => null, 'stock_batch_id' => null]);
    foreach (array_reverse(array_keys(app(Records::class)->all())) as $table) {
        DB::table($table)->delete();
    }
}

it('brings every column of every table back as it was', function (): void {
    Every::thing();
    $before = wholeNotebook();
    foreach (app(Records::class)->all() as $table => $record) {
        if (! $record->isReckoned() && ! in_array($table, ['leaf_photos', 'plant_pictures'], true)) {
            expect($before[$table])->not->toBe([], "Nothing stands in {$table}");
        }
    }
    expect(Every::unsaid())->toBe([]);
    $log = Intake::given('/api/log.json');
    emptied();
    $answer = Intake::of('/api/log.json', $log);
    expect((string) $answer->getContent())->toContain('"taken"')->and($answer->getStatusCode())->toBe(200);
    foreach (wholeNotebook() as $table => $rows) {
        expect($rows)->toEqual($before[$table], $table);
    }
    expect(Intake::given('/api/log.json'))->toBe($log);
    // Once more: it is all here, and nothing doubles.
    expect(array_filter((array) (Intake::told(Intake::of('/api/log.json', $log))['taken'] ?? ['none']), static fn(mixed $new): bool => $new !== 0))->toBe([]);
    expect(wholeNotebook())->toEqual($before);
});

/** @return array<string, mixed> all that is kept of a batch, but for what belongs to the notebook it lies in */
function keptOfBatch(int $id): array
{
    $here = array_flip(['id', 'sprayer_id', 'plant_id', 'case_id', 'stock_batch_id', 'recipe_version_id', 'version', 'content', 'who', 'taken_back_at', 'created_at', 'updated_at']);
    $inside = array_flip(['id', 'batch_id', 'batch_item_id', 'batch_scoop_id', 'who', 'submission', 'content']);
    $rows = static fn(string $table, string $column, array $ids): array => DB::table($table)->whereIn($column, $ids)->orderBy('id')->get()->map(static fn(object $row): array => array_diff_key((array) $row, $inside))->all();
    $items = DB::table('batch_items')->where('batch_id', $id)->pluck('id')->all();
    $scoops = DB::table('batch_scoops')->whereIn('batch_item_id', $items)->pluck('id')->all();

    return [array_diff_key((array) DB::table('batches')->find($id), $here), $rows('batch_items', 'batch_id', [$id]), $rows('batch_scoops', 'batch_item_id', $items), $rows('batch_ticks', 'batch_scoop_id', $scoops), $rows('batch_steps', 'batch_id', [$id]), $rows('stand_tests', 'batch_id', [$id])];
}

it('brings a batch in every state back from its open document', function (string $state): void {
    $batch = Notebook::batch($state === 'a way out taken' ? ['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 1, 'unit' => '[gal_us]'], 'sprayer' => ['amount' => 1, 'unit' => '[gal_us]']] : []);
    if ($state === 'a cup for a leaf test') {
        $batch = Notebook::sent('/api/batches', ['bench' => ['request' => ['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 1, 'unit' => '[qt_us]']]], 'forLeafTest' => true]);
    }
    $path = "/api/batches/{$batch->id()}";
    if ($state !== 'begun') {
        Notebook::put("{$path}/loads/1/steps/1", ['done' => true]);
        if ($state === 'a way out taken') {
            Notebook::change("{$path}/loads/1/slip", ['slips' => [['kind' => 'count', 'item' => 'neem-oil', 'scoop' => 0, 'from' => 5, 'to' => 8]], 'remedy' => 'pour-off']);
        }
        Notebook::tickAll($batch);
    }
    if (! in_array($state, ['begun', 'ticked', 'a way out taken'], true)) {
        Notebook::post("{$path}/finish", ['standTest' => 'ring', 'notes' => 'Öily.', 'keeping' => 'patient']);
        Notebook::post("{$path}/stand-tests", ['submission' => Notebook::submission(), 'result' => 'even', 'seconds' => 60]);
    }
    if (in_array($state, ['used up', 'poured away'], true)) {
        Notebook::put("{$path}/discarded", ['discarded' => true, 'usedUp' => $state === 'used up']);
    }
    expect(Notebook::get($path)->text('status'))->toBe(['begun' => 'mixing', 'ticked' => 'mixing', 'a way out taken' => 'mixing', 'used up' => 'used-up', 'poured away' => 'discarded'][$state] ?? 'ready');
    $before = keptOfBatch($batch->id());
    $document = Notebook::get("{$path}/document")->text;
    expect(Contract::schemaFault('batch', $document))->toBe('');
    emptied();
    $again = Notebook::post('/api/batches/documents', $document);

    expect(keptOfBatch($again->id()))->toEqual($before);
})->with(['begun', 'ticked', 'a way out taken', 'mixed', 'a cup for a leaf test', 'used up', 'poured away']);

