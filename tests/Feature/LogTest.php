<?php

declare(strict_types=1);

use App\Models\Count;
use App\Records\Log\CsvColumns;
use App\Records\Log\CsvReader;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Intake;
use Tests\Feature\Notebook;

/** Everything that the log is made of. */
function withoutLog(): void
{
    $shared = DB::getDriverName() === 'pgsql';
    $shared || DB::statement('pragma foreign_keys = off');
    foreach (['counts', 'burns', 'rounds', 'case_steps', 'watches', 'leaf_readings', 'leaf_tests', 'stand_tests', 'batch_ticks', 'batch_scoops', 'batch_items', 'batch_steps', 'batches', 'cases', 'course_looks', 'courses', 'trial_looks', 'trials', 'plants', 'recipe_versions', 'recipes', 'weighed_rounds', 'weighed_sprays', 'stale_pests', 'stale_cases'] as $table) {
        $shared ? DB::statement("truncate {$table} cascade") : DB::delete("delete from {$table}");
    }
}

it('takes a leaf test that waited up to thirty days', function (): void {
    Notebook::sent('/api/leaf-tests', ['batchId' => Notebook::mixed(), 'plantId' => Notebook::plant(), 'leaves' => 2]);
    $json = Intake::given('/api/log.json');
    $waited = static fn(int $hours): string => str_replace('"waitHours":48', '"waitHours":' . $hours, $json);
    expect($waited(721))->not->toBe($json);
    withoutLog();
    $refused = Intake::told(Intake::of('/api/log.json', $waited(721)));
    expect($refused['error'] ?? null)->toMatchArray(['path' => '/leafTests/0/waitHours'])
        ->and(Intake::of('/api/log.json', $waited(720))->getStatusCode())->toBe(200);
});

it('goes out, into an empty notebook and out again, byte for byte the same', function (): void {
    app(Database\Demo\DemoSeason::class)->write(new DateTimeImmutable());
    $trial = Notebook::post('/api/trials', ['plantIds' => [Notebook::plant()], 'submission' => Notebook::submission(), 'pest' => 'aphids', 'name' => '=2+2', 'one' => 'Soap', 'other' => 'Oil', 'unit' => 'leaf', 'units' => 6])->id();
    Notebook::post("/api/trials/{$trial}/looks", ['submission' => Notebook::submission(), 'counts' => [1, 2.5, null, 4, 5, 6]]);
    Notebook::post('/api/cases/1/counts', ['submission' => Notebook::submission(), 'each' => [1, '6-20', 3], 'newClean' => true, 'helpers' => false, 'notes' => "Ünïcode, \"quoted\"\nand two lines"]);
    $bugs = Notebook::case(Notebook::plant('Hoya'), 'mealybugs');
    Notebook::post("/api/cases/{$bugs}/counts", ['submission' => Notebook::submission(), 'value' => 12, 'stages' => ['adults' => 2, 'crawlers' => 6]]);
    $round = Notebook::post("/api/cases/{$bugs}/rounds", ['submission' => Notebook::submission(), 'batchId' => Notebook::mixed($bugs), 'override' => 'It was urgent'])->id('saved.id');
    Notebook::post("/api/rounds/{$round}/burns", ['submission' => Notebook::submission(), 'share' => 12.5, 'kinds' => ['edge-burn'], 'special' => ['sun'], 'notes' => 'The lowest ones.']);
    $json = Intake::given('/api/log.json');
    $csv = Intake::given('/api/log.csv');
    expect($json)->toContain('"share":12.5')->and($csv)->toContain('adults:2', 'crawlers:6');
    $worked = Notebook::get('/api/worked')->at('records');
    withoutLog();
    $taken = Intake::told(Intake::of('/api/log.json', $json));
    expect($taken['taken'] ?? null)->toMatchArray(['plants' => 12, 'cases' => 17, 'trials' => 1])
        ->and(Intake::given('/api/log.json'))->toBe($json)
        ->and(Intake::given('/api/log.csv'))->toBe($csv);
    // What is told of it is the same, but for the numbers of this notebook.
    $again = Notebook::get('/api/worked')->at('records');
    $same = static fn(mixed $records): array => array_map(static fn(mixed $one): array => array_diff_key((array) $one, ['lastBatch' => 0]), (array) $records);
    expect($same($again))->toBe($same($worked));
    // Into a full one, nothing doubles; the table brings nothing new either.
    expect(array_sum((array) (Intake::told(Intake::of('/api/log.json', $json))['taken'] ?? [1])))->toBe(0)
        ->and(Intake::given('/api/log.json'))->toBe($json)
        ->and(Intake::told(Intake::of('/api/log.csv', $csv)))->toMatchArray(['kept' => true, 'new' => 0, 'bad' => 0]);
});

it('holds its document against its schema', function (): void {
    app(Database\Demo\DemoSeason::class)->write(new DateTimeImmutable());
    Notebook::post('/api/trials', ['plantIds' => [Notebook::plant()], 'submission' => Notebook::submission(), 'pest' => 'aphids', 'name' => 'A', 'one' => 'Soap', 'other' => 'Oil', 'unit' => 'leaf', 'units' => 6]);
    $validator = new Opis\JsonSchema\Validator();
    $validator->resolver()?->registerPrefix('https://idle-mixer.invalid/schemas/', dirname(__DIR__, 2) . '/schemas');
    $result = $validator->validate(json_decode(Intake::given('/api/log.json'), false, 128, \JSON_THROW_ON_ERROR), 'https://idle-mixer.invalid/schemas/log.schema.json');
    expect($result->error()?->message())->toBeNull();
    // A key that nobody knows, and a count below none, are refused by both.
    foreach (['"plants":[{"ghost":1}]', '"cases":[{"id":"x"}]'] as $part) {
        $text = '{"format":"idle-mixer/log","version":2,' . $part . '}';
        expect($validator->validate(json_decode($text), 'https://idle-mixer.invalid/schemas/log.schema.json')->isValid())->toBeFalse()->and(Intake::of('/api/log.json', $text)->getStatusCode())->toBe(422);
    }
});

it('takes all of a document or nothing, and says where the fault is', function (string $text, string $path, string $says): void {
    $response = Intake::of('/api/log.json', $text);
    $error = Intake::told($response)['error'] ?? [];
    expect($response->getStatusCode())->toBe(422)
        ->and(is_array($error) ? $error['path'] : null)->toBe($path)
        ->and(is_array($error) ? $error['message'] : null)->toContain($says)
        ->and(DB::table('plants')->count())->toBe(0);
})->with([
    'nothing' => ['', '', 'empty'],
    'another document' => ['{"format":"idle-mixer/recipe","version":1}', '/format', 'idle-mixer/log'],
    'no format' => ['{"plants":[]}', '/format', 'no log'],
    'a newer one' => ['{"format":"idle-mixer/log","version":3}', '/version', '2'],
    'a list that nobody knows' => ['{"format":"idle-mixer/log","version":1,"ghosts":[1]}', '/ghosts', 'ghosts'],
    'cut off' => ['{"format":"idle-mixer/log","version":1,"plants":[{"id":"aaaaaaaa-aaaa-4aaa-8aaa-aaaaaaaaaaaa","name":"Rose","tolerance":"ordinary-leaf"},', '/plants/1', 'cut off'],
    'a case of no plant' => ['{"format":"idle-mixer/log","version":1,"cases":[{"id":"aaaaaaaa-aaaa-4aaa-8aaa-aaaaaaaaaaaa","plant":"bbbbbbbb-bbbb-4bbb-8bbb-bbbbbbbbbbbb","pest":"aphids","openedAt":"2026-01-01T00:00:00Z","rounds":[],"counts":[]}]}', '/cases/0/plant', 'neither in this notebook'],
    'an identity that is none' => ['{"format":"idle-mixer/log","version":1,"plants":[{"id":"AAAAAAAA-aaaa-4aaa-8aaa-aaaaaaaaaaaa","name":"Rose","tolerance":"ordinary-leaf"}]}', '/plants/0/id', 'UUID'],
]);

const HEAD = 'plant,place,pest,at,value,untreated,each,notes';

it('reads a table that somebody wrote by hand', function (): void {
    $told = Intake::told(Intake::of('/api/log.csv', "\xEF\xBB\xBF" . HEAD . "\nRose,Wall,aphids,2026-05-01,40,,,\nRose,Wall,aphids,2026-05-03 18:00,12,no,,\nRose,Wall,aphids,2026-05-03 18:00,50,yes,,\nHoya,,mealybugs,2026-05-04,,,3 0 5,'=not a formula\n"));
    expect($told)->toMatchArray(['kept' => true, 'rows' => 4, 'new' => 4, 'bad' => 0, 'plants' => 2, 'cases' => 2])
        ->and(Notebook::get('/api/cases/1')->list('counts'))->toHaveCount(3)
        // Three joints of ten were looked at.
        ->and(Notebook::get('/api/cases/2')->number('counts.0.value'))->toEqualWithDelta(80 / 3, 0.01)
        ->and(Notebook::get('/api/cases/2')->text('counts.0.notes'))->toBe('=not a formula');
    // The same again, with semicolons, is known.
    expect(Intake::told(Intake::of('/api/log.csv', str_replace(',', ';', HEAD) . "\nRose;Wall;aphids;2026-05-01;40;;;\n")))->toMatchArray(['new' => 0, 'known' => 1]);
});

it('imports none or the good ones, as is wished, and lists the rest with line and reason', function (): void {
    $text = HEAD . "\nRose,Wall,aphids,2026-05-01,40,,,\nRose,Wall,dragons,2026-05-01,4,,,\nRose,Wall,aphids,yesterday,4,,,\nRose,Wall,aphids,2026-05-02,-4,,,\nRose,Wall,aphids,2026-05-02,1e300,,,\nRose,Wall,aphids,2026-05-02,,,,\nRose,Wall,aphids,2026-05-02,3,perhaps,,\n,,aphids,2026-05-02,3,,,\nRose,Wall,aphids,2026-05-02,3,,,,,x\nR\xF6se,Wall,aphids,2026-05-02,3,,,\nRose,Wall,aphids,2026-05-09,7,,,\n";
    $look = Intake::told(Intake::of('/api/log.csv?keep=none', $text));
    expect($look)->toMatchArray(['kept' => false, 'rows' => 11, 'bad' => 9])->and(DB::table('cases')->count())->toBe(0);
    $faults = $look['faults'];
    assert(is_array($faults));
    $reasons = array_column($faults, 'reason', 'line');
    expect(array_keys($reasons))->toBe([3, 4, 5, 6, 7, 8, 9, 10, 11])
        ->and($reasons[3])->toContain('dragons')->and($reasons[4])->toContain('yesterday')->and($reasons[5])->toContain('-4')->and($reasons[6])->toContain('1e300')
        ->and($reasons[7])->toContain('value is missing')->and($reasons[8])->toContain('yes or no')->and($reasons[10])->toContain('comma too many')->and($reasons[11])->toContain('UTF-8');
    expect(Intake::told(Intake::of('/api/log.csv', $text)))->toMatchArray(['kept' => false])->and(Count::query()->count())->toBe(0)
        ->and(Intake::told(Intake::of('/api/log.csv?keep=good', $text)))->toMatchArray(['kept' => true, 'new' => 2, 'bad' => 9])->and(Count::query()->count())->toBe(2)
        ->and(Intake::of('/api/log.csv?keep=some', $text)->getStatusCode())->toBe(422);
});

it('says which column it does not know, lacks or has twice', function (string $head, string $says): void {
    $error = Intake::told(Intake::of('/api/log.csv', "{$head}\n"))['error'] ?? [];
    expect(is_array($error) ? $error['message'] : null)->toContain($says);
})->with([
    ['plant,pest,at,ghost', 'ghost'],
    ['plant,pest', 'at is missing'],
    ['plant,pest,at,at', 'twice'],
    ['', 'no column'],
]);

it('takes sprayings once their batches are here', function (): void {
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::mixed($case);
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'It was urgent']);
    $csv = Intake::given('/api/log.csv');
    DB::delete('delete from weighed_rounds');
    DB::delete('delete from rounds');
    expect(Intake::told(Intake::of('/api/log.csv', $csv)))->toMatchArray(['kept' => true, 'new' => 1]);
    withoutLog();
    $told = Intake::told(Intake::of('/api/log.csv', $csv));
    expect($told)->toMatchArray(['kept' => false, 'bad' => 1])->and(json_encode($told['faults'], \JSON_THROW_ON_ERROR))->toContain('read that first');
});

it('makes formulas in text harmless on the way out', function (): void {
    $case = Notebook::case(Notebook::plant('=HYPERLINK("x")'));
    Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 3, 'notes' => '@SUM(A1)']);
    $csv = Intake::given('/api/log.csv');
    expect($csv)->toContain("'@SUM(A1)", "'=HYPERLINK");
    expect($csv)->not->toContain(',=HYPERLINK');
});

it('streams a table of 50 MB', function (): void {
    $long = getenv('MIXER_LONG') !== false;
    $bytes = $long ? 50_000_000 : 4_000_000;
    $file = tmpfile();
    assert(is_resource($file));
    fwrite($file, implode(',', CsvColumns::NEEDED) . ",value,notes\n");
    $rows = 0;
    for ($size = 0; $size < $bytes; ++$rows) {
        // Most are looks of cases that fill up: what is over is refused, and counted.
        $size += (int) fwrite($file, 'Plant ' . ($rows % 8) . ',aphids,2026-05-' . sprintf('%02d', 1 + $rows % 28) . ' ' . sprintf('%02d:%02d', intdiv($rows, 60) % 24, $rows % 60) . ',' . $rows % 90 . ',"' . str_repeat('what was seen that day, ', 3) . "{$rows}\"\n");
    }
    rewind($file);
    memory_reset_peak_usage();
    $before = memory_get_usage();
    $report = app(CsvReader::class)->take($file, new DateTimeImmutable());
    expect($report->rows)->toBe($rows)->and($report->new)->toBe(min($rows, 40_000))->and($report->new + $report->bad + $report->known)->toBe($rows)
        ->and(count($report->faults))->toBeLessThanOrEqual(200)
        ->and(memory_get_peak_usage() - $before)->toBeLessThan(32_000_000);
});

it('reads a log of version 1, as an older notebook wrote it', function (): void {
    $log = (string) file_get_contents(dirname(__DIR__) . '/fixtures/log-1.json');
    expect(Intake::told(Intake::of('/api/log.json', $log))['taken'] ?? null)->toMatchArray(['plants' => 1, 'batches' => 1, 'leafTests' => 1, 'cases' => 1, 'rounds' => 1, 'counts' => 1, 'trials' => 1])
        ->and(Notebook::get('/api/cases/1')->list('rounds.0.burns'))->toHaveCount(1)
        ->and(Notebook::get('/api/batches/1')->text('bottle.end'))->toBe('sprayed')
        ->and(DB::table('batches')->value('case_id'))->toBe(1)
        ->and(array_sum((array) (Intake::told(Intake::of('/api/log.json', $log))['taken'] ?? [1])))->toBe(0);
});

it('says where a batch of a log does not hang together', function (string $from, string $to, string $path): void {
    Notebook::mixed(Notebook::case(Notebook::plant()));
    $log = (string) preg_replace($from, $to, Intake::given('/api/log.json'), 1, $found);
    expect($found)->toBe(1);
    withoutLog();
    $answer = Intake::of('/api/log.json', $log);
    $error = Intake::told($answer)['error'] ?? [];

    expect($answer->getStatusCode())->toBe(422)->and(is_array($error) ? $error['path'] : null)->toBe($path)->and(DB::table('batches')->count())->toBe(0);
})->with([
    'a thing that it has not' => ['/"load":1,"key":"neem-oil"/', '"load":1,"key":"lamp-oil"', '/batches/0/items'],
    'a load that it has not' => ['/"load":1,"key":"neem-oil"/', '"load":4,"key":"neem-oil"', '/batches/0/items'],
    'a spoonful too many' => ['/"ticks":\[\{"number":1,/', '"ticks":[{"number":99,', '/batches/0'],
    'another identity' => ['/"batches":\[\s*\{"id":"[0-9a-f]{8}/', '"batches":[{"id":"00000000', '/batches/0'],
    'a recipe that nobody knows' => ['/"recipeVersion":\{"slug":"[a-z-]+"/', '"recipeVersion":{"slug":"none"', '/batches/0/recipeVersion'],
]);
