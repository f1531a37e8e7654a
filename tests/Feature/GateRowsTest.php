<?php

declare(strict_types=1);

use IdleMixer\Core\Plant\KindCatalogue;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Tests\Support\GateRows;
use Illuminate\Support\Facades\Date;
use Tests\Feature\Doors;
use Tests\Feature\Leaves;
use Tests\Feature\Notebook;

/*
 * The rows of the table of the gate, met through a notebook: plants, rounds, burns and leaf tests as they are written down there, and the
 * same level and codes at every door. An interval is met by rounds that were as many days apart.
 */

const ASKED_AT = '2026-06-10T18:00:00Z';

/** So much that teaspoons come out even at 1 and at 1.2 times a percent: what is tested is what was meant. */
const EVEN = ['amount' => 4928, 'unit' => 'mL'];

/** @return array<string, array{array<string, mixed>, array<string, mixed>, array<string, mixed>, string, list<string>, list<string>}> */
function rowsForNotebooks(): array
{
    $rows = [];
    foreach (GateRows::all() as $name => $row) {
        $spray = is_string($row[0]) ? ['recipe' => $row[0]] : (isset($row[0]['recipe']) ? $row[0] : ['recipe' => $row[0]]);
        $rows[$name] = [$spray, $row[1], $row[2], $row[3], $row[4], $row[5] ?? []];
    }

    // In full with --long.
    return getenv('MIXER_LONG') === '1' ? $rows : array_intersect_key($rows, array_flip(array_filter(array_keys($rows), static fn(string $name): bool => crc32($name) % 5 === 0)));
}

/**
 * @param array<string, mixed> $plant as the row has it
 * @param list<array<string, mixed>> $had
 *
 * @return array<string, mixed> as it is entered
 */
function entered(array $plant, array $had): array
{
    $day = static fn(int $ahead): string => (new DateTimeImmutable(ASKED_AT))->modify("{$ahead} days")->format('Y-m-d');
    $flags = is_array($plant['flags'] ?? null) ? $plant['flags'] : [];
    $kind = is_string($plant['kind'] ?? null) ? $plant['kind'] : '';
    $fields = ['kind' => $kind, 'tolerance' => $plant['leaf'] ?? KindCatalogue::shipped()->read($kind)->leaf->slug ?? 'ordinary-leaf', 'indoors' => ($plant['place'] ?? '') === 'indoors'];
    foreach (['dry-root' => ['dryOn' => $day(0)], 'freshly-moved' => ['movedOn' => $day(-1)], 'wounded' => ['wounded' => true], 'eaten-raw' => ['eatenRaw' => true], 'soap-sensitive' => ['soapSensitive' => true], 'bears-no-oil' => ['bearsNoOil' => true]] as $flag => $field) {
        $fields = in_array($flag, $flags, true) ? [...$fields, ...$field] : $fields;
    }
    if (isset($plant['stage'])) {
        $fields = [...$fields, 'stage' => $plant['stage'], 'stageOn' => $day(0)];
    }
    if (is_int($plant['harvestInDays'] ?? null)) {
        $fields['harvestOn'] = $day($plant['harvestInDays']);
    }
    foreach ($had as $one) {
        if (isset($one['substance'], $one['daysAgo']) && is_int($one['daysAgo'])) {
            $fields[$one['substance'] === 'sulfur' ? 'sulfurOn' : 'copperOn'] = $day(-$one['daysAgo']);
        }
    }

    return $fields;
}

/**
 * A shipped recipe whose bottle of one ingredient states another strength.
 *
 * @param array<string, float|int> $strengths percent, by slug
 *
 * @return array<string, mixed>
 */
function ofOtherBottles(string $slug, array $strengths): array
{
    $document = RecipeWriter::write(RecipeCatalogue::shipped()->get($slug));
    assert(is_array($document) && is_array($document['lines']));
    foreach ($document['lines'] as $i => $line) {
        assert(is_array($line));
        $document['lines'][$i] = array_key_exists((string) $line['ingredient'], $strengths) ? [...$line, 'strength' => $strengths[$line['ingredient']]] : $line;
    }

    return ['slug' => "{$slug}-of-another-bottle", ...$document];
}

/** Days of 34 °C in the garden, until yesterday. */
function hotDays(): void
{
    $table = "at,temperature_C,humidity_percent,wind_kmh,rain_mm,cloud_percent\n";
    foreach (range(4, 1) as $ago) {
        $table .= (new DateTimeImmutable(ASKED_AT))->modify("-{$ago} days")->format('Y-m-d') . "T14:00:00Z,34,40,5,0,10\n";
    }
    Notebook::put('/api/garden', ['basedOn' => 0, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'Europe/Vienna'], 'roomCelsius' => 20, 'source' => 'file']);
    expect(Notebook::post('/api/weather/files', ['submission' => Notebook::submission(), 'name' => 'june.csv', 'content' => $table])->status)->toBe(201);
}

/** A sprayer that once had weed killer in it. */
function weedKilled(): int
{
    $sprayer = Notebook::sent('/api/sprayers', ['name' => 'The old one', 'holds' => ['amount' => 2, 'unit' => 'L']]);
    expect(Notebook::sent("/api/sprayers/{$sprayer->id()}/events", ['kind' => 'weed-killer'])->status)->toBe(201);

    return $sprayer->id();
}

/**
 * @param array{daysAgo: float|int, recipe?: mixed, factor?: float|int, highEnd?: bool, leaves?: int, worstPercent?: float|int, sameKind?: bool, sinceThen?: list<string>} $test
 * @param array<string, mixed> $fields of the plant
 * @param int|null             $bottle that is asked about, where this very one was tested
 */
function testedInNotebook(array $test, int $plant, array $fields, ?int $bottle = null): void
{
    $at = static fn(float $days): string => (new DateTimeImmutable(ASKED_AT))->modify('-' . (int) round(1440 * $days) . ' minutes')->format('Y-m-d\TH:i:s\Z');
    $on = ($test['sameKind'] ?? true) ? $plant : Doors::plant([...$fields, 'kind' => 'Pepper', 'name' => 'Another']);
    $since = $test['sinceThen'] ?? [];
    if (in_array('heat', $since, true)) {
        hotDays();
    }
    Date::setTestNow($at($test['daysAgo'] + 0.05));
    if ($bottle === null) {
        $batch = Notebook::batch(['make' => EVEN, ...array_intersect_key($test, ['recipe' => 1, 'factor' => 1, 'highEnd' => 1])], Notebook::case($on));
        Notebook::tickAll($batch);
        if (in_array('other-bottle', $since, true)) {
            // Another kind of soap stood in its place.
            Notebook::sent("/api/batches/{$batch->id()}/lines", ['kind' => 'swapped', 'item' => 'castile-soap', 'ingredient' => 'dish-detergent']);
        }
        Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);
        $bottle = $batch->id();
    }
    $leaves = $test['leaves'] ?? 3;
    Date::setTestNow($at((float) $test['daysAgo']));
    $begun = Notebook::sent('/api/leaf-tests', ['batchId' => $bottle, 'plantId' => $on, 'leaves' => $leaves]);
    expect($begun->status)->toBe(201, $begun->text);
    Date::setTestNow(max($at(max(0.0, $test['daysAgo'] - 2.1)), $at($test['daysAgo'] - 2.0)));
    $seen = Leaves::seen((float) ($test['worstPercent'] ?? 0.0), ...array_fill(0, $leaves + 1, 0.0));
    $read = Notebook::sent("/api/leaf-tests/{$begun->id()}/readings", ['leaves' => $seen]);
    expect($read->status)->toBe(201, $read->text);
}

it('answers at every door as the table has it', function (array $spray, array $plant, array $more, string $level, array $codes, array $not): void {
    /**
     * @var array<string, mixed> $spray
     * @var array<string, mixed> $plant
     * @var list<string> $codes
     * @var list<string> $not
     */
    /** @var list<array{daysAgo: int, recipe?: string, substance?: string, burntPercent?: float|int, factor?: float, highEnd?: bool, rinsed?: bool}> $had */
    $had = $more['had'] ?? [];
    $every = $more['everyDays'] ?? null;
    foreach (is_int($every) ? array_filter(range(1, 6), static fn(int $ago): bool => $ago % $every === 0) : [] as $ago) {
        $had[] = ['daysAgo' => $ago, ...$spray];
    }
    /** @var list<array{daysAgo: float|int, recipe?: mixed, factor?: float|int, highEnd?: bool, leaves?: int, worstPercent?: float|int, sameKind?: bool, thisBottle?: bool, sinceThen?: list<string>}> $tests */
    $tests = $more['tests'] ?? [['daysAgo' => 12, ...$spray]];
    /** @var array{madeHoursAgo?: int, ticked?: string, sprayerHadWeedKiller?: bool} $bottle */
    $bottle = $spray['bottle'] ?? [];
    $water = $more['waterTemperature_C'] ?? null;
    $spray = array_diff_key($spray, ['bottle' => 1]);
    if (is_array($spray['strengths'] ?? null)) {
        /** @var array<string, float|int> $strengths */
        $strengths = $spray['strengths'];
        $spray = ['recipe' => ofOtherBottles(is_string($spray['recipe']) ? $spray['recipe'] : '', $strengths), ...array_intersect_key($spray, ['factor' => 1])];
        $tests = array_map(static fn(array $one): array => [...$one, ...$spray], isset($more['tests']) ? $tests : [['daysAgo' => 12]]);
    }
    $request = ['make' => $more === [] || isset($more['had']) ? ['amount' => 1, 'unit' => 'L'] : EVEN, ...$spray, ...$water === null ? [] : ['water' => ['temperature' => ['amount' => $water, 'unit' => 'Cel']]]];
    $at = static fn(float $days): string => (new DateTimeImmutable(ASKED_AT))->modify('-' . (int) round(1440 * $days) . ' minutes')->format('Y-m-d\TH:i:s\Z');
    Date::setTestNow($at(300.0));
    $fields = entered($plant, $had);
    $id = Doors::plant($fields);
    $asked = null;
    $events = [];
    foreach (array_filter($had, static fn(array $one): bool => isset($one['recipe'])) as $one) {
        $events[] = [(float) $one['daysAgo'], static function () use ($one, $id, $at): void {
            Date::setTestNow($at((float) $one['daysAgo']));
            $before = Doors::before([], array_intersect_key($one, ['recipe' => 1, 'factor' => 1, 'highEnd' => 1]), $id);
            $round = $before->sprayed(['rinsed' => $one['rinsed'] ?? false])->id('saved.id');
            if (isset($one['burntPercent'])) {
                Notebook::post("/api/rounds/{$round}/burns", ['submission' => Notebook::submission(), 'share' => $one['burntPercent']]);
            }
            Notebook::put("/api/batches/{$before->batch()}/discarded", ['discarded' => true]);
        }];
    }
    foreach ($tests as $one) {
        $events[] = [$one['daysAgo'] + 0.1, static function () use ($one, $id, $fields, &$asked): void {
            testedInNotebook($one, $id, $fields, ($one['thisBottle'] ?? false) && $asked instanceof Doors ? $asked->batch() : null);
        }];
    }
    // An hour old is as good as new: what is asked about is mixed when it was, in a sprayer of its own where that matters.
    $age = isset($bottle['madeHoursAgo']) ? $bottle['madeHoursAgo'] / 24.0 : 0.0;
    $events[] = [$age, static function () use ($age, $at, $request, $id, $bottle, $level, &$asked): void {
        Date::setTestNow($at($age));
        $asked = Doors::before([], $request, $id, ($bottle['ticked'] ?? 'all') === 'all', ($bottle['sprayerHadWeedKiller'] ?? false) ? weedKilled() : null, $level === 'stop' ? 'strict' : 'patient');
    }];
    usort($events, static fn(array $a, array $b): int => $b[0] <=> $a[0]);
    foreach ($events as [, $do]) {
        $do();
    }
    Date::setTestNow(ASKED_AT);
    $doors = $asked;
    assert($doors instanceof Doors);
    // The bench knows a plan and no bottle.
    $all = [...$doors->all(), ...$bottle === [] ? ['bench' => $doors->bench()] : []];
    expect(array_unique(array_values($all)))->toHaveCount(1, json_encode($all, \JSON_THROW_ON_ERROR));
    $said = explode(' ', $all['case']);
    expect($said[0])->toBe($level, $all['case'])->and($said)->toContain(...[$said[0], ...$codes]);
    foreach ($not as $code) {
        expect($said)->not->toContain($code);
    }
    expect(array_unique(array_values($doors->pickedFrom())))->toHaveCount(1, json_encode($doors->pickedFrom(), \JSON_THROW_ON_ERROR));
    // The choice proposes nothing that is stopped, and says the same of what it proposes; it knows plans with the usual bottles and water.
    if ($bottle === [] && $water === null && is_string($spray['recipe'])) {
        $proposed = $doors->choice();
        expect($proposed)->toBe($level === 'stop' || $proposed === null ? null : $all['case']);
    }
    // A round is taken without a reason where nothing stops it and leaves bore it.
    expect($doors->isOpen())->toBe($level !== 'stop' && ! in_array('leaf-test', $said, true));
})->with(fn(): array => rowsForNotebooks());
