<?php

declare(strict_types=1);

use App\Declared\Field;
use App\Declared\JsonCast;
use App\Declared\LogSchema;
use App\Declared\NotCarried;
use App\Declared\Record;
use App\Declared\Records;
use App\Notebook\Edition;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\Feature\Contract;
use Tests\Feature\Every;
use Tests\Feature\InTables;
use Tests\Feature\Intake;
use Tests\Feature\Notebook;

/*
 * Nothing that the log is said to carry is lost on the way into another notebook: compared column by column in the tables themselves.
 */

it('declares every column of every table, once', function (): void {
    $records = app(Records::class)->all();
    // These two belong to the file, and not to what is written down in it.
    $tables = array_column(Schema::getTables(), 'name');
    expect([...array_keys($records), 'migrations', 'notebook'])->toEqualCanonicalizing($tables);
    foreach ($records as $table => $record) {
        $declared = array_merge(...array_map(static fn(Field $field): array => $field->columns(), $record->fields()));
        expect($declared)->toEqualCanonicalizing(Schema::getColumnListing($table), $table)
            ->and(array_unique($declared))->toBe($declared, $table);
    }
});

it('looks after every column of JSON as a file, too', function (): void {
    $json = array_filter(array_map(static fn(Record $record): array => array_keys($record->casts(), JsonCast::class, true), app(Records::class)->all()));
    ksort($json);

    expect($json)->toEqualCanonicalizing(Edition::JSON);
});

it('tells in its page what the log does not carry, and why', function (): void {
    $page = (string) file_get_contents(dirname(__DIR__, 2) . '/docs/log.md');
    preg_match_all('/^\| `([a-z_]+\.[a-z_]+)` +\| (.+?) *\|$/m', explode(NotCarried::HEADING, $page)[1] ?? '', $told);
    $rows = app(NotCarried::class)->rows();

    expect(array_combine($told[1], $told[2]))->toBe($rows);
    foreach ($rows as $column => $why) {
        expect(strlen($why))->toBeGreaterThan(20, $column);
    }
});

it('publishes the schema of the log as the records are declared', function (): void {
    $written = json_decode((string) file_get_contents(dirname(__DIR__, 2) . '/schemas/log.schema.json'), true, 64, \JSON_THROW_ON_ERROR);

    expect($written)->toEqual(json_decode(json_encode(app(LogSchema::class)->whole(), \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR));
});

it('brings every column of every table back as it was', function (): void {
    Every::thing();
    $before = InTables::all();
    foreach (app(Records::class)->all() as $table => $record) {
        if (! $record->isReckoned() && ! in_array($table, ['burn_photos', 'leaf_photos', 'plant_pictures'], true)) {
            expect($before[$table])->not->toBe([], "Nothing stands in {$table}");
        }
    }
    expect(Every::unsaid())->toBe([]);
    $log = Intake::given('/api/log.json');
    InTables::emptied();
    $answer = Intake::of('/api/log.json', $log);
    expect((string) $answer->getContent())->toContain('"taken"')->and($answer->getStatusCode())->toBe(200);
    foreach (InTables::all() as $table => $rows) {
        expect($rows)->toEqual($before[$table], $table);
    }
    expect(Intake::given('/api/log.json'))->toBe($log);
    // Once more: it is all here, and nothing doubles.
    expect(array_filter((array) (Intake::told(Intake::of('/api/log.json', $log))['taken'] ?? ['none']), static fn(mixed $new): bool => $new !== 0))->toBe([]);
    expect(InTables::all())->toEqual($before);
});

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
    if ($state === 'half of it spilled') {
        Date::setTestNow(Date::now()->addMinutes(10));
        Notebook::post("{$path}/lines", ['submission' => Notebook::submission(), 'kind' => 'spilled', 'share' => 0.5]);
        Notebook::post("{$path}/lines", ['submission' => Notebook::submission(), 'kind' => 'added', 'ingredient' => 'castile-soap', 'amount' => ['amount' => 5, 'unit' => 'mL']]);
    }
    if (in_array($state, ['used up', 'poured away'], true)) {
        Notebook::put("{$path}/discarded", ['discarded' => true, 'usedUp' => $state === 'used up']);
    }
    expect(Notebook::get($path)->text('bottle.words'))->toBe(['begun' => 'Not begun', 'ticked' => 'Being mixed', 'a way out taken' => 'Being mixed', 'used up' => 'All sprayed', 'poured away' => 'Poured away', 'half of it spilled' => 'Mixed'][$state] ?? 'Stands ready');
    $before = InTables::ofBatch($batch->id());
    $document = Notebook::get("{$path}/document")->text;
    expect(Contract::schemaFault('batch', $document))->toBe('');
    InTables::emptied();
    $again = Notebook::post('/api/batches/documents', $document);

    expect(InTables::ofBatch($again->id()))->toEqual($before);
})->with(['begun', 'ticked', 'a way out taken', 'mixed', 'a cup for a leaf test', 'used up', 'poured away', 'half of it spilled']);

it('leaves out what is said of a task that there is not, so that the rest can be read', function (): void {
    $case = Notebook::case(Notebook::plant());
    foreach ([$case, 999] as $ref) {
        expect(Notebook::sent('/api/moves', ['kind' => 'first-round', 'ref' => $ref, 'plannedAt' => gmdate('Y-m-d\TH:i:s\Z'), 'to' => null, 'reason' => 'Rain'])->status)->toBe(201);
    }
    $log = Intake::given('/api/log.json');
    InTables::emptied();

    expect(Intake::told(Intake::of('/api/log.json', $log))['taken'] ?? null)->toMatchArray(['plants' => 1, 'cases' => 1, 'moves' => 1]);
});

it('leaves a batch that is here as it is, also where the log has a spoonful more', function (): void {
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::batch([], $case);
    Notebook::tickAll($batch);
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 7]);
    $log = Intake::given('/api/log.json');
    DB::table('batch_ticks')->limit(1)->delete();
    DB::table('counts')->delete();
    $ticks = DB::table('batch_ticks')->count();
    // What bears an identity of its own comes to the case that is here; the tally of a batch is its own.
    expect(Intake::told(Intake::of('/api/log.json', $log))['taken'] ?? null)->toMatchArray(['batches' => 0, 'cases' => 0, 'counts' => 1])
        ->and(DB::table('batch_ticks')->count())->toBe($ticks);
});
