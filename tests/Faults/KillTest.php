<?php

declare(strict_types=1);

use Tests\Faults\Devices;
use Tests\Faults\Gardener;
use Tests\Faults\Held;
use Tests\Faults\House;
use Tests\Faults\Long;

/*
 * The server is killed without a word while several devices write everything there is to write. What was acknowledged must
 * be there, and nothing by half.
 */

/** After so many seasons another notebook is begun: what is weighed of one pest with each write grows with every round against it. */
const SEASONS_OF_A_HOUSE = 100;

it('loses nothing that was acknowledged, and keeps nothing by half, whenever it is killed', function (): void {
    $house = House::build();
    $times = Long::times(10, 1000);
    $acknowledged = 0;
    $kinds = [];
    $faults = [];
    $gardeners = [];
    $n = 0;
    while (++$n <= $times + 1 && $faults === []) {
        // As the next start finds it: with the log that the killed server left.
        $house->open();
        $pdo = $house->pdo();
        foreach ($gardeners as $one) {
            $acknowledged += count($one->promised);
            array_push($faults, ...Held::lost($pdo, $one->promised), ...($one->refused === '' ? [] : [$one->refused]));
            foreach ($one->kinds as $kind => $many) {
                $kinds[$kind] = ($kinds[$kind] ?? 0) + $many;
            }
        }
        unset($pdo);
        if ($n % 10 === 0 || $n > $times) {
            array_push($faults, ...Held::broken($house->notebook()));
        }
        if ($n > $times) {
            break;
        }
        if ($n % SEASONS_OF_A_HOUSE === 0) {
            $house->clear();
            $house = House::build();
            $house->open();
        }
        $house->serve();
        $gardeners = [new Gardener(), new Gardener(), new Gardener()];
        // Of ten kills the first strikes at once and the last near the end of a season of 52 writes each; more of them strike early, where a
        // server has just begun.
        $after = max(0, (int) round(155 * (($n % 10) / 9) ** 2) - random_int(0, 8));
        $delay = random_int(0, 15_000);
        Devices::run($house->address, array_map(static fn(Gardener $one, int $i): Generator => $one->season("bed {$n}-{$i}"), $gardeners, array_keys($gardeners)), static function () use ($house, $gardeners, $after, $delay): bool {
            if (array_sum(array_map(static fn(Gardener $one): int => count($one->promised), $gardeners)) < $after) {
                return true;
            }
            usleep($delay);
            $house->kill();

            return false;
        });
        $house->kill();
    }
    Long::tell('kills', ['kills' => $n - 1, 'acknowledged' => $acknowledged, 'kinds of write' => count($kinds), 'lost or halved' => count($faults)]);
    expect($faults)->toBe([])
        ->and($acknowledged)->toBeGreaterThan(10 * $times)
        // Everything there is to write was under way when it struck.
        ->and(count($kinds))->toBe(36);
});

it('ends when it is told to, also while it begins anew because workers died', function (): void {
    $house = House::build();
    $house->open();
    foreach (range(1, Long::times(12, 200)) as $n) {
        $house->serve();
        // It looks after its workers every half second: the word to end meets each part of that in turn.
        usleep(700_000);
        $house->endWorkers();
        usleep(random_int(0, 600_000));
        expect($house->endsWithin(8.0))->toBeTrue("It did not end at try {$n}.");
    }
});
