<?php

declare(strict_types=1);

use IdleMixer\Core\Plant\KindCatalogue;
use IdleMixer\Core\Tests\Support\GateRows;
use Illuminate\Support\Facades\Date;
use Tests\Feature\Doors;
use Tests\Feature\Leaves;
use Tests\Feature\Notebook;

/*
 * The rows of the table of the gate, met through a notebook: plants, rounds, burns and leaf tests as they are written down there, and the
 * same level and codes at every door. What a notebook cannot hold is left out: a glasshouse, a bottle of another strength, water that is
 * hot, a rhythm, and a round that was rinsed off by hand.
 */

const ASKED_AT = '2026-06-10T18:00:00Z';

/**
 * Whether a notebook can hold what a row says.
 *
 * @param array<string, mixed> $spray
 * @param array<string, mixed> $plant
 * @param array<string, mixed> $more
 */
function fitsNotebook(array $spray, array $plant, array $more): bool
{
    $had = is_array($more['had'] ?? null) ? $more['had'] : [];

    return array_diff(array_keys($spray), ['recipe', 'factor', 'highEnd']) === []
        && in_array($plant['place'] ?? 'outdoors', ['outdoors', 'indoors'], true)
        && ! in_array($plant['leaf'] ?? '', ['planted-soil', 'empty-bed', 'soil'], true)
        && array_diff(array_keys($more), ['tests', 'had']) === [] && ($more['tests'] ?? []) === []
        && array_filter($had, static fn(mixed $one): bool => ! is_array($one) || isset($one['rinsed'])) === [];
}

/** @return array<string, array{array<string, mixed>, array<string, mixed>, array<string, mixed>, string, list<string>, list<string>}> */
function rowsForNotebooks(): array
{
    $rows = [];
    foreach (GateRows::all() as $name => $row) {
        $spray = is_string($row[0]) ? ['recipe' => $row[0]] : (isset($row[0]['recipe']) ? $row[0] : ['recipe' => $row[0]]);
        if (fitsNotebook($spray, $row[1], $row[2])) {
            $rows[$name] = [$spray, $row[1], $row[2], $row[3], $row[4], $row[5] ?? []];
        }
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

it('answers at every door as the table has it', function (array $spray, array $plant, array $more, string $level, array $codes, array $not): void {
    /**
     * @var array<string, mixed> $spray
     * @var array<string, mixed> $plant
     * @var list<string> $codes
     * @var list<string> $not
     */
    /** @var list<array{daysAgo: int, recipe?: string, substance?: string, burntPercent?: float|int, factor?: float, highEnd?: bool}> $had */
    $had = $more['had'] ?? [];
    $at = static fn(float $days): string => (new DateTimeImmutable(ASKED_AT))->modify('-' . (int) round(1440 * $days) . ' minutes')->format('Y-m-d\TH:i:s\Z');
    Date::setTestNow($at(300.0));
    $id = Doors::plant(entered($plant, $had));
    usort($had, static fn(array $a, array $b): int => $b['daysAgo'] <=> $a['daysAgo']);
    $rounds = array_filter($had, static fn(array $one): bool => isset($one['recipe']));
    $test = static function () use ($spray, $id, $at): void {
        Date::setTestNow($at(12.1));
        $batch = Notebook::batch([...['make' => ['amount' => 1, 'unit' => 'L']], ...$spray], Notebook::case($id));
        Notebook::tickAll($batch);
        Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);
        $test = Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => $batch->id(), 'plantId' => $id, 'leaves' => 3])->id();
        Date::setTestNow($at(10.0));
        expect(Notebook::post("/api/leaf-tests/{$test}/readings", ['submission' => Notebook::submission(), 'leaves' => Leaves::seen(0.0, 0.0, 0.0, 0.0, 0.0)])->status)->toBe(201);
        Notebook::put("/api/batches/{$batch->id()}/discarded", ['discarded' => true]);
    };
    $tested = isset($more['tests']);
    foreach ($rounds as $one) {
        if (! $tested && $one['daysAgo'] < 12.1) {
            $test();
            $tested = true;
        }
        Date::setTestNow($at((float) $one['daysAgo']));
        $before = Doors::before([], array_intersect_key($one, ['recipe' => 1, 'factor' => 1, 'highEnd' => 1]), $id);
        $round = $before->sprayed()->id('saved.id');
        if (isset($one['burntPercent'])) {
            Notebook::post("/api/rounds/{$round}/burns", ['submission' => Notebook::submission(), 'share' => $one['burntPercent']]);
        }
        Notebook::put("/api/batches/{$before->batch()}/discarded", ['discarded' => true]);
    }
    if (! $tested) {
        $test();
    }
    Date::setTestNow(ASKED_AT);
    $doors = Doors::before([], [...['make' => ['amount' => 1, 'unit' => 'L']], ...$spray], $id);
    $all = [...$doors->all(), 'bench' => $doors->bench()];
    expect(array_unique(array_values($all)))->toHaveCount(1, json_encode($all, \JSON_THROW_ON_ERROR));
    $said = explode(' ', $all['case']);
    expect($said[0])->toBe($level, $all['case'])->and($said)->toContain(...[$said[0], ...$codes]);
    foreach ($not as $code) {
        expect($said)->not->toContain($code);
    }
    expect(array_unique(array_values($doors->pickedFrom())))->toHaveCount(1, json_encode($doors->pickedFrom(), \JSON_THROW_ON_ERROR));
    // The choice proposes nothing that is stopped, and says the same of what it proposes.
    $proposed = $doors->choice();
    expect($proposed)->toBe($level === 'stop' || $proposed === null ? null : $all['bench']);
    // A round is taken without a reason where nothing stops it and leaves bore it.
    expect($doors->isOpen())->toBe($level !== 'stop' && ! in_array('leaf-test', $said, true));
})->with(fn(): array => rowsForNotebooks());
