<?php

declare(strict_types=1);

use App\Models\Count;
use App\Models\PestCase;
use App\Models\Plant;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Intake;
use Tests\Feature\Notebook;

/*
 * What a cell of a table may say, and what comes of it. How times, flags and numbers are written: docs/log.md.
 */

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

/** @return array{kept: bool, rows: int, new: int, known: int, bad: int, plants: int, cases: int, faults: list<array{line: int, reason: string}>} */
function tableTaken(string $head, string ...$rows): array
{
    /** @var array{kept: bool, rows: int, new: int, known: int, bad: int, plants: int, cases: int, faults: list<array{line: int, reason: string}>} */
    return Intake::told(Intake::of('/api/log.csv?keep=good', implode("\n", [$head, ...$rows]) . "\n"));
}

it('keeps of a look what its cells say', function (string $column, string $cell, string $kept, mixed $as): void {
    $told = tableTaken("plant,pest,at,value,{$column}", 'Rose,mealybugs,2026-05-01,4,"' . $cell . '"');
    expect($told['faults'])->toBe([])->and($told['new'])->toBe(1);
    $row = (array) DB::table('counts')->first();
    expect(is_bool($as) ? (bool) $row[$kept] : $row[$kept])->toBe($as)
        ->and($row['version'])->toBe(1)
        // RFC 9562.
        ->and($row['submission'])->toMatch('/\A[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}\z/');
})->with([
    'yes' => ['untreated', 'yes', 'untreated', true], 'Y' => ['untreated', 'Y', 'untreated', true], 'true' => ['untreated', 'TRUE', 'untreated', true], '1' => ['untreated', '1', 'untreated', true],
    'no' => ['untreated', 'no', 'untreated', false], 'n' => ['untreated', 'n', 'untreated', false], 'false' => ['untreated', 'False', 'untreated', false], '0' => ['untreated', '0', 'untreated', false], 'nothing' => ['untreated', '', 'untreated', false],
    'helpers' => ['helpers', 'ladybirds:3  mummies', 'helpers', '{"ladybirds":3,"mummies":null}'], 'helpers of before' => ['helpers', 'yes', 'helpers', '{"others":null}'], 'no helpers' => ['helpers', 'no', 'helpers', '{}'], 'nothing of helpers' => ['helpers', '', 'helpers', null],
    'clean' => ['new_growth', 'clean', 'new_growth', 'clean'], 'hit' => ['new_growth', 'hit', 'new_growth', 'hit'], 'nothing of new growth' => ['new_growth', '', 'new_growth', null],
    'stages' => ['stages', 'adults:3 crawlers:12', 'stages', '{"adults":3,"crawlers":12}'],
    'each' => ['each', '3 0 | 5', 'each', '[3,0,5]'],
    'notes' => ['notes', 'by lamp', 'notes', 'by lamp'],
]);

// 30 before and 10 after, nine days on: 66.7 % fewer, by hand.
it('writes of looks and sprayings what was said of them', function (): void {
    Date::setTestNow('2026-05-01T18:00:00Z');
    $case = Notebook::case(Notebook::plant('Rose'), 'mealybugs');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 30, 'helpers' => ['lacewings' => null, 'spiders' => 2], 'stages' => ['adults' => 3, 'crawlers' => 12]]);
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 40, 'untreated' => true]);
    Date::setTestNow('2026-05-01T19:00:00Z');
    Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => Notebook::mixed($case), 'override' => 'It was urgent', 'handWork' => true]);
    Date::setTestNow('2026-05-10T18:00:00Z');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 10, 'helpers' => new stdClass(), 'newClean' => false]);
    $lines = array_map(static fn(string $line): array => str_getcsv($line, escape: ''), explode("\n", str_replace("\r", '', trim(Intake::given('/api/log.csv')))));
    $head = array_map(strval(...), $lines[0]);
    $rows = array_map(static fn(array $cells): array => array_combine($head, $cells), array_slice($lines, 1));
    $column = static fn(string $name): array => array_column($rows, $name);
    expect($column('what'))->toEqualCanonicalizing(['look', 'look', 'sprayed', 'look'])
        ->and(array_unique($column('plant')))->toBe(['Rose'])->and(array_unique($column('pest')))->toBe(['mealybugs']);
    $row = static fn(string $key, string $value): array => array_values(array_filter($rows, static fn(array $one): bool => $one[$key] === $value))[0] ?? [];
    expect($row('value', '30'))->toMatchArray(['what' => 'look', 'untreated' => 'no', 'helpers' => 'lacewings spiders:2', 'stages' => 'crawlers:12 adults:3', 'at' => '2026-05-01T18:00:00Z', 'hand_work' => ''])
        ->and($row('value', '40'))->toMatchArray(['untreated' => 'yes', 'helpers' => '', 'stages' => ''])
        ->and($row('value', '10'))->toMatchArray(['untreated' => 'no', 'helpers' => 'no', 'new_growth' => 'hit', 'at' => '2026-05-10T18:00:00Z'])
        ->and($row('what', 'sprayed'))->toMatchArray(['hand_work' => 'yes', 'override' => 'It was urgent', 'reduction_percent' => '66.7', 'formula' => 'before-after', 'value' => '', 'untreated' => '']);
});

it('reads a day, a time with and without a zone, and counts a day from its noon', function (string $cell, string $at): void {
    expect(tableTaken('plant,pest,at,value', "Rose,aphids,{$cell},4")['new'])->toBe(1)
        ->and(Count::query()->firstOrFail()->counted_at->format('Y-m-d H:i:s'))->toBe($at);
})->with([
    ['2026-05-03', '2026-05-03 12:00:00'], ['2026-05-03 19:30', '2026-05-03 19:30:00'], ['2026-05-03 19:30:15', '2026-05-03 19:30:15'], ['2026-05-03T19:30:00Z', '2026-05-03 19:30:00'], ['2026-05-03T19:30:00+02:00', '2026-05-03 17:30:00'],
    // Somewhere it is tomorrow already.
    ['2026-06-02', '2026-06-02 12:00:00'], ['1900-01-01', '1900-01-01 12:00:00'],
]);

it('reads numbers as they are written, and asks where one may be two', function (string $cell, float|string $kept): void {
    $told = tableTaken('plant;pest;at;value', "Rose;aphids;2026-05-03;{$cell}");
    if (is_string($kept)) {
        expect($told['faults'][0]['reason'] ?? '')->toBe($kept)->and($told['bad'])->toBe(1);
    } else {
        expect($told['faults'])->toBe([])->and(Count::query()->firstOrFail()->value)->toBe($kept);
    }
})->with([
    ['12', 12.0], ['0', 0.0], ['12,5', 12.5], ['12.5', 12.5], ['1.125', 1.125], ['0,125', 0.125], ['12,50', 12.5],
    ['1,500', 'value is “1,500”: is that 1500, or 1.500? Write it so.'], ['125,000', 'value is “125,000”: is that 125000, or 125.000? Write it so.'],
    ['-1', 'value is “-1”; a number from 0 to 1000000 is needed.'], ['1000000', 1_000_000.0], ['1000001', 'value is “1000001”; a number from 0 to 1000000 is needed.'], ['many', 'value is “many”; a number from 0 to 1000000 is needed.'], ['12 aphids', 'value is “12 aphids”; a number from 0 to 1000000 is needed.'],
]);

it('says of a row what is wrong with it', function (string $head, string $row, string $reason): void {
    $told = tableTaken($head, $row);
    expect(array_column($told['faults'], 'reason', 'line'))->toBe([2 => $reason])->and([$told['rows'], $told['new'], $told['bad']])->toBe([1, 0, 1]);
})->with([
    'a time after tomorrow' => ['plant,pest,at,value', 'Rose,aphids,2026-06-03,4', 'at is “2026-06-03”; a day or a time from 1900 to today is needed, like 2026-05-03 or 2026-05-03T19:30:00Z.'],
    'long before' => ['plant,pest,at,value', 'Rose,aphids,1899-12-31,4', 'at is “1899-12-31”; a day or a time from 1900 to today is needed, like 2026-05-03 or 2026-05-03T19:30:00Z.'],
    'a day that is none' => ['plant,pest,at,value', 'Rose,aphids,2026-02-30,4', 'at is “2026-02-30”; a day or a time from 1900 to today is needed, like 2026-05-03 or 2026-05-03T19:30:00Z.'],
    'no flag' => ['plant,pest,at,value,helpers', 'Rose,aphids,2026-05-01,4,some', 'helpers is “some”; names with counts are needed, like ladybirds:3 mummies, or no; known are ladybirds, lacewings, hoverfly-grubs, mummies, predatory-mites, spiders, others.'],
    'too few of a helper' => ['plant,pest,at,value,helpers', 'Rose,aphids,2026-05-01,4,ladybirds:-2', 'helpers is “ladybirds:-2”; names with counts are needed, like ladybirds:3 mummies, or no; known are ladybirds, lacewings, hoverfly-grubs, mummies, predatory-mites, spiders, others.'],
    'no stage' => ['plant,pest,at,value,stages', 'Rose,aphids,2026-05-01,4,3 adults', 'stages is “3 adults”; names with counts are needed, like adults:3 crawlers:12.'],
    'a stage without a count' => ['plant,pest,at,value,stages', 'Rose,aphids,2026-05-01,4,adults', 'stages is “”; a number from 0 to 1000000 is needed.'],
    'neither look nor spraying' => ['what,plant,pest,at,value', 'walk,Rose,aphids,2026-05-01,4', 'what is “walk”; it can be look or sprayed.'],
    'more litres than anybody sprays' => ['what,plant,pest,at,batch_id,litres', 'sprayed,Rose,aphids,2026-05-01,0b8f1c52-6a0e-4b0e-9d2a-1f3c5d7e9a10,10001', 'litres is “10001”; a number from 0 to 10000 is needed.'],
    'as many litres, of a batch that is not there' => ['what,plant,pest,at,batch_id,litres', 'sprayed,Rose,aphids,2026-05-01,0b8f1c52-6a0e-4b0e-9d2a-1f3c5d7e9a10,10000', 'Its batch is not in this notebook: batches travel in the JSON document, read that first.'],
    'a spraying of no batch' => ['what,plant,pest,at,spray', 'sprayed,Rose,aphids,2026-05-01,Soap', 'batch_id is missing: which batch was sprayed? It must be in the notebook already.'],
    'an identity that is none' => ['what,plant,pest,at,batch_id', 'sprayed,Rose,aphids,2026-05-01,7', '“7” is no identity; a UUID in small letters is needed.'],
    'nothing counted' => ['plant,pest,at,value', 'Rose,aphids,2026-05-01,', 'value is missing: how many were counted? 0 where there were none.'],
    'more spots than are kept' => ['plant,pest,at,each', 'Rose,aphids,2026-05-01,' . str_repeat('1 ', 100) . '1', 'each has “101” counts; at most 100 are kept of one look.'],
]);

it('takes words up to so many letters', function (string $column, int $most): void {
    $row = static fn(int $letters): string => 'aphids,2026-05-01,4,' . ($column === 'plant' ? '' : 'Rose,') . str_repeat('ü', $letters);
    $head = 'pest,at,value,' . ($column === 'plant' ? '' : 'plant,') . $column;
    expect(tableTaken($head, $row($most + 1))['faults'][0]['reason'] ?? '')->toContain("{$most} characters may stand here, found " . ($most + 1))
        ->and(tableTaken($head, $row($most))['new'])->toBe(1);
})->with([['plant', 200], ['place', 200], ['notes', 1000]]);

it('finds the plant and the case of a row, and opens what is not there', function (): void {
    $head = 'plant,place,pest,at,value,opened_at,closed_at,leaf_kind';
    expect(tableTaken($head, 'Rose,Wall,aphids,2026-05-04,40,2026-05-02,2026-05-20,tender-leaf', 'Rose,Gate,aphids,2026-05-04,40,,,'))->toMatchArray(['new' => 2, 'plants' => 2, 'cases' => 2]);
    $wall = PestCase::query()->with('plant')->firstOrFail();
    expect([$wall->opened_at->format('Y-m-d'), $wall->closed_at?->format('Y-m-d'), $wall->plant->tolerance, $wall->plant->place])->toBe(['2026-05-02', '2026-05-20', 'tender-leaf', 'Wall'])
        ->and(Plant::query()->where('place', 'Gate')->firstOrFail()->tolerance)->toBe('ordinary-leaf')
        // Without a day on which it was opened it is the newest one, which was opened when it was first counted.
        ->and(PestCase::query()->orderByDesc('id')->firstOrFail()->opened_at->format('Y-m-d H:i'))->toBe('2026-05-04 12:00')
        ->and(tableTaken($head, 'Rose,Wall,aphids,2026-05-06,12,,,', 'Rose,Wall,aphids,2026-05-07,11,2026-05-02,,'))->toMatchArray(['new' => 2, 'plants' => 0, 'cases' => 0])
        ->and(tableTaken($head, 'Rose,Wall,aphids,2026-05-28,90,2026-05-27,,'))->toMatchArray(['new' => 1, 'plants' => 0, 'cases' => 1])
        // Another pest on it is another case; without a place any plant of that name will do.
        ->and(tableTaken('plant,pest,at,value', 'Rose,thrips,2026-05-28,9'))->toMatchArray(['plants' => 0, 'cases' => 1])
        ->and(Count::query()->count())->toBe(6);
});

it('knows what it has, however often it is told', function (): void {
    $rows = array_map(static fn(int $day): string => sprintf('Rose,aphids,2026-05-%02d,%d', $day, $day), range(1, 20));
    expect(tableTaken('plant,pest,at,value', ...$rows))->toMatchArray(['rows' => 20, 'new' => 20, 'known' => 0])
        ->and(tableTaken('plant,pest,at,value', ...$rows, ...$rows))->toMatchArray(['rows' => 40, 'new' => 0, 'known' => 40])
        ->and(tableTaken('plant,pest,at,value', ...[...$rows, 'Rose,aphids,2026-05-21,21']))->toMatchArray(['new' => 1, 'known' => 20]);
});

it('keeps five thousand looks of a case, takes what it has for known, and refuses the next one by its line', function (): void {
    $case = Notebook::case(Notebook::plant('Rose'));
    $key = PestCase::query()->findOrFail($case)->getAttribute('submission');
    $key = is_string($key) ? $key : '';
    $rows = array_map(static fn(int $n): string => sprintf('%s,Rose,aphids,2026-05-01 %02d:%02d,%d', $key, intdiv($n, 60) % 24, $n % 60, $n), range(1, 5000));
    $head = 'case_id,plant,pest,at,value';
    expect(tableTaken($head, ...$rows))->toMatchArray(['new' => 5000, 'bad' => 0]);
    $again = tableTaken($head, ...[...array_slice($rows, -700), "{$key},Rose,aphids,2026-05-02,7", ...array_slice($rows, 0, 3)]);
    expect($again)->toMatchArray(['new' => 0, 'known' => 703, 'bad' => 1])
        ->and($again['faults'])->toBe([['line' => 702, 'reason' => 'Its case holds 5000 looks already; more are not kept in one.']]);
});

it('lists two hundred faults in the order of their lines, and counts the others', function (): void {
    $told = tableTaken('plant,pest,at,value', ...array_fill(0, 203, 'Rose,dragons,2026-05-01,4'));
    expect($told['bad'])->toBe(203)->and(array_column($told['faults'], 'line'))->toBe(range(2, 201));
});
