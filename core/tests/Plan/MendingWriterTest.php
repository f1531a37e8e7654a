<?php

declare(strict_types=1);

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Bench\Water;
use IdleMixer\Core\Plan\Mending;
use IdleMixer\Core\Plan\MendingKind;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\MendingWords;
use IdleMixer\Core\Writing\MendingWriter;

// The bench of the screen sets what is written, and leaves alone what is null.
it('writes what is another on the bench then, and nothing else', function (Closure $change, array $written): void {
    $bench = Plans::shipped('castile-and-kitchen-oil', 1, 'L')->bench;
    $after = $change($bench);
    assert($after instanceof Bench);
    $row = (new MendingWriter(MendingWords::shipped()))->write(new Mending('some-verdict', MendingKind::SoftWater, [], $after), $bench);
    $told = ['recipe' => $row->recipe === null ? null : 'a recipe', 'make' => $row->make, 'highEnd' => $row->highEnd, 'factor' => $row->factor, 'hardness' => $row->hardness, 'everyDays' => $row->everyDays];
    expect(array_filter($told, static fn(mixed $one): bool => $one !== null))->toBe($written)->and([$row->about, $row->kind])->toBe(['some-verdict', 'soft-water']);
})->with([
    'nothing' => [static fn(Bench $bench): Bench => $bench, []],
    'other water' => [static fn(Bench $bench): Bench => $bench->with(water: new Water(5.0, $bench->water->temperature)), ['hardness' => 5.0]],
    'another volume' => [static fn(Bench $bench): Bench => $bench->with(make: Volume::ofMillilitres(1500.0)), ['make' => ['amount' => 1.5, 'unit' => 'L']]],
    'half the strength' => [static fn(Bench $bench): Bench => $bench->with(factor: 0.5), ['factor' => 0.5]],
    'the high end' => [static fn(Bench $bench): Bench => $bench->with(highEnd: true), ['highEnd' => true]],
    'another recipe' => [static fn(Bench $bench): Bench => $bench->with(recipe: $bench->recipe->with([])), ['recipe' => 'a recipe']],
    'other days' => [static fn(Bench $bench): Bench => $bench->with(circumstances: $bench->circumstances->every(9.0)), ['everyDays' => 9.0]],
]);
