<?php

declare(strict_types=1);

use IdleMixer\Core\Tests\Support\GateRows;
use Tests\Feature\RowInNotebook;

/*
 * The rows of the table of the gate, met through a notebook: plants, rounds, burns and leaf tests as they are written down there, and the
 * same level and codes at every door.
 */

/** @return array<string, array{RowInNotebook, string, list<string>, list<string>}> */
function rowsForNotebooks(): array
{
    $rows = [];
    foreach (GateRows::all() as $name => $row) {
        // What one school would have poured away is asked of somebody who keeps by the other.
        $rows[$name] = [RowInNotebook::of($row, $row[3] === 'stop' ? 'strict' : 'patient'), $row[3], $row[4], $row[5] ?? []];
    }

    // In full with --long.
    return getenv('MIXER_LONG') === '1' ? $rows : array_intersect_key($rows, array_flip(array_filter(array_keys($rows), static fn(string $name): bool => crc32($name) % 5 === 0)));
}

it('answers at every door as the table has it', function (RowInNotebook $row, string $level, array $codes, array $not): void {
    /**
     * @var list<string> $codes
     * @var list<string> $not
     */
    $doors = $row->doors();
    // The bench knows a plan and no bottle.
    $all = [...$doors->all(), ...$row->isBottle() ? [] : ['bench' => $doors->bench()]];
    expect(array_unique(array_values($all)))->toHaveCount(1, json_encode($all, \JSON_THROW_ON_ERROR));
    $said = explode(' ', $all['case']);
    expect($said[0])->toBe($level, $all['case'])->and($said)->toContain(...[$said[0], ...$codes]);
    foreach ($not as $code) {
        expect($said)->not->toContain($code);
    }
    expect(array_unique(array_values($doors->pickedFrom())))->toHaveCount(1, json_encode($doors->pickedFrom(), \JSON_THROW_ON_ERROR));
    // The choice proposes nothing that is stopped, and says the same of what it proposes.
    if ($row->isUsual()) {
        $proposed = $doors->choice();
        expect($proposed)->toBe($level === 'stop' || $proposed === null ? null : $all['case']);
    }
    // A round is taken without a reason where nothing stops it and leaves bore it.
    expect($doors->isOpen())->toBe($level !== 'stop' && ! in_array('leaf-test', $said, true));
})->with(rowsForNotebooks(...));
