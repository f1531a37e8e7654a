<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Declared\Field;
use App\Declared\Record;
use App\Declared\Records;
use Database\Demo\DemoSeason;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A notebook in which every column of every table says something else than it says by default. */
final class Every
{
    private const AT = '2026-05-04 03:02:01';

    private const NOTE = "Said “so”, \\ and /, in two\nlines: é";

    /** What a column may hold that has a shape of its own. */
    private const SHAPED = [
        'plants.tolerance' => 'hairy-leaf', 'plants.exposure' => 'shade', 'plants.stage' => 'in-leaf', 'plants.lights_on' => 361, 'plants.lights_off' => 1_321,
        'sprayers.unit' => 'L', 'sprayers.shape' => 'knapsack', 'sprayers.pours' => '[[250.5,31.0],[500.0,62.0]]', 'sprayers.amount' => 3.5,
        'measures.unit' => 'mL', 'measures.step' => 2.5, 'measures.kind' => 'marked',
        'households.kitchen' => 'metric', 'households.free_days' => '{"weekdays":[6,7],"away":[{"from":"2026-05-04","until":"2026-05-11"}]}', 'households.by_eye' => '{"squirt":2.5}', 'households.writes' => '{"clock":"12","warmth":"F","wind":"mph","rain":"in","decimal":"comma","dates":"month-first"}',
        'gardens.zone' => 'Pacific/Chatham', 'gardens.source' => 'station', 'gardens.latitude' => -43.9, 'gardens.longitude' => -176.5, 'gardens.room_celsius' => 18.5,
        'rounds.weather' => '{"celsius":21.5,"humidity":60.0,"wind":6.5,"rain":0.5,"teller":"file","name":"May"}', 'runs.weather' => '{"said":"grey and still"}', 'weather_reports.source' => 'door', 'weather_reports.hours' => '{"hours":[{"at":"2026-05-04T03:00:00Z","temperature_C":18.5,"humidity_percent":61.5}]}',
        'batches.stand_test' => 'beads', 'batches.keeping' => 'patient', 'stand_tests.result' => 'ring',
        'leaf_tests.rungs' => '1 0.5', 'leaf_tests.shape' => 'lance', 'leaf_readings.weather' => 'sunny hot',
        'plants.variety' => 'white', 'cases.pressure' => 'heavy', 'cases.round_dates' => '2026-05-04 2026-05-11', 'cases.turns' => '["plain-soap","neem-by-the-gallon"]',
        'cases.situation' => '{"severity":"heavy","said":"é/"}', 'burns.kinds' => 'edge-burn', 'burns.special' => 'sun',
        'counts.each' => '[3,0,5.5]', 'counts.stages' => '{"adults":2,"crawlers":6}', 'counts.new_growth' => 'hit', 'counts.helpers' => '{"lacewings":null,"spiders":2}',
        'sprayer_events.kind' => 'emptied', 'trials.unit' => 'plant', 'eye_rounds.shape' => 'lance', 'eye_rounds.guesses' => '[1,2.5,100]',
        'shelf_bottles.ingredient' => 'isopropyl-alcohol', 'shelf_bottles.unit' => 'mL', 'shelf_bottles.strength' => 91.0, 'waits.because' => 'enemies', 'waits.seen' => '{"ladybirds":3,"mummies":null}', 'revisions.what' => 'put-back', 'courses.side' => 'other', 'courses.methods' => '["plain-soap","neem-by-the-gallon"]',
    ];

    /** What keeps what it holds: it names other rows, or hangs together with them. */
    private const LEFT = ['submission', 'pest', 'document', 'made', 'rescues', 'lines', 'mixed', 'step', 'key', 'position', 'load', 'number', 'units', 'counts', 'kind', 'leaves', 'slug', 'written', 'before', 'record', 'bought_kind', 'bought_name', 'bought_holds'];

    public static function thing(): void
    {
        app(DemoSeason::class)->write(new DateTimeImmutable());
        self::walk();
        self::small();
        foreach (app(Records::class)->all() as $table => $record) {
            foreach ($record->isReckoned() ? [] : self::columns($record) as $column) {
                self::say($table, $column);
            }
        }
    }

    /** @return list<string> columns that say nothing but what they say by default, or nothing at all */
    public static function unsaid(): array
    {
        $unsaid = [];
        foreach (app(Records::class)->all() as $table => $record) {
            $defaults = array_column(Schema::getColumns($table), 'default', 'name');
            foreach ($record->isReckoned() ? [] : self::columns($record) as $column) {
                $default = is_string($defaults[$column]) ? trim($defaults[$column], "'") : '';
                $said = array_filter(DB::table($table)->pluck($column)->all(), static fn(mixed $value): bool => $value !== null && (! is_scalar($value) || (string) $value !== $default));
                if ($said === []) {
                    $unsaid[] = "{$table}.{$column}";
                }
            }
        }

        return $unsaid;
    }

    /** @return list<string> that the log carries */
    private static function columns(Record $record): array
    {
        return array_merge([], ...array_map(static fn(Field $field): array => $field->columns(), $record->carried()));
    }

    private static function say(string $table, string $column): void
    {
        $rows = DB::table($table);
        $shaped = self::SHAPED["{$table}.{$column}"] ?? null;
        if ($shaped !== null) {
            $rows->update([$column => $shaped]);

            return;
        }
        if (in_array($column, self::LEFT, true) || str_ends_with($column, '_id') || $column === 'ref') {
            return;
        }
        $type = Schema::getColumnType($table, $column);
        $rows->update([$column => match (true) {
            $column === 'version' => 3,
            $column === 'content' => str_repeat('ab', 32),
            $column === 'who' => 'Ada é',
            in_array($type, ['tinyint', 'bool'], true) => 1,
            $type === 'date' => '2026-05-04',
            in_array($type, ['datetime', 'timestamp'], true) => self::AT,
            in_array($type, ['integer', 'int4', 'int8'], true) => 7,
            in_array($type, ['double', 'float8'], true) => 12.25,
            in_array($column, ['name', 'kind', 'place', 'size', 'one', 'other', 'words'], true) => 'Ünder the “eaves”',
            default => self::NOTE,
        }]);
    }

    /** A walk through the bed of which a plant is sprayed, and what is said beside it. */
    private static function walk(): void
    {
        $case = Notebook::get('/api/cases')->number('cases.0.id');
        $batch = Notebook::mixed((int) $case);
        $run = Notebook::sent('/api/runs', ['batchId' => $batch, 'caseIds' => [(int) $case], 'override' => 'So that it is there.'])->id();
        foreach (['protect', 'knock-back', 'check'] as $step) {
            Notebook::put("/api/runs/{$run}/steps/{$step}", ['done' => true]);
        }
        DB::table('batch_steps')->insertOrIgnore(['batch_id' => $batch, 'load' => 1, 'number' => 1, 'ticked_at' => self::AT]);
        Notebook::post("/api/batches/{$batch}/lines", ['submission' => Notebook::submission(), 'kind' => 'spilled', 'share' => 0.25]);
        Notebook::post("/api/batches/{$batch}/stand-tests", ['submission' => Notebook::submission(), 'result' => 'even']);
        $round = self::one('rounds');
        DB::table('run_plants')->update(['round_id' => $round]);
        DB::table('rounds')->where('id', $round)->update(['run_id' => $run]);
        DB::table('sprayer_events')->limit(1)->update(['run_id' => $run]);
        Notebook::post("/api/rounds/{$round}/burns", ['submission' => Notebook::submission(), 'share' => 12.5]);
    }

    /** What the demo season has none of. */
    private static function small(): void
    {
        Notebook::change('/api/batches/' . Notebook::batch()->id() . '/loads/1/slip', ['slips' => [['kind' => 'left-out', 'item' => 'neem-oil']], 'remedy' => 'discard']);
        $trial = Notebook::sent('/api/trials', ['pest' => 'aphids', 'name' => 'Soap or oil', 'one' => 'Soap', 'other' => 'Oil', 'plantIds' => array_map(static fn(int $number): int => Notebook::plant("Marked {$number}"), range(1, 6)), 'unit' => 'plant'])->id();
        Notebook::sent("/api/trials/{$trial}/looks", ['counts' => [1, 2, null, 4, 5.5, 6]]);
        $kept = Notebook::sent('/api/courses', ['name' => 'The rack', 'pest' => 'aphids', 'recipes' => ['neem-by-the-gallon'], 'plantIds' => [DB::table('plants')->value('id')]]);
        Notebook::sent("/api/courses/{$kept->id()}/looks", ['found' => []]);
        DB::table('batches')->latest('id')->limit(1)->update(['course_id' => $kept->id()]);
        Notebook::sent('/api/shelf', ['words' => 'The green one', 'ingredient' => 'isopropyl-alcohol', 'strength' => 91, 'amount' => 250, 'unit' => 'mL', 'tenths' => 4, 'openedOn' => '2026-05-04', 'price' => 3.5]);
        $case = DB::table('cases')->whereNull('closed_at')->whereNull('course_id')->value('id');
        Notebook::sent('/api/cases/' . (is_int($case) ? $case : 0) . '/waits', ['days' => 3, 'because' => 'few', 'seen' => ['spiders' => 1]]);
        Notebook::sent('/api/cases/' . (is_int($case) ? $case : 0) . '/rounds', ['bought' => ['kind' => 'dust', 'name' => 'Barn dust', 'holds' => 'sulfur']]);
        $plant = DB::table('plants')->latest('id')->value('id');
        DB::table('watches')->insertOrIgnore(['case_id' => $case, 'plant_id' => $plant, 'due_at' => self::AT]);
        DB::table('case_steps')->insertOrIgnore(['case_id' => $case, 'step' => 'isolate', 'done_at' => self::AT]);
        DB::table('eye_rounds')->insert(['submission' => Notebook::submission(), 'seed' => 3, 'shape' => 'oval', 'guesses' => '[]', 'guessed_at' => self::AT]);
        foreach (['look-over' => DB::table('watches')->value('id'), 'discard' => DB::table('batches')->value('id'), 'read-leaf-test' => DB::table('leaf_tests')->value('id'), 'next-round' => $case, 'course-round' => $kept->id(), 'finish-run' => DB::table('runs')->value('id')] as $kind => $ref) {
            DB::table('task_moves')->insert(['submission' => Notebook::submission(), 'kind' => $kind, 'ref' => $ref, 'due_at' => self::AT, 'made_at' => self::AT]);
        }
        DB::table('batches')->limit(1)->update(['stock_batch_id' => DB::table('batches')->latest('id')->value('id')]);
        DB::table('revisions')->insert(['record' => 'rounds', 'record_id' => DB::table('rounds')->value('id'), 'what' => 'corrected', 'before' => '{"batch_id":' . self::one('batches') . ',"notes":"é/","litres":1.0}', 'at' => self::AT]);
        DB::table('recipe_versions')->limit(1)->update(['written' => 2]);
    }

    private static function one(string $table): int
    {
        $id = DB::table($table)->value('id');

        return is_int($id) ? $id : throw new \RuntimeException("Nothing stands in {$table}.");
    }
}
