<?php

declare(strict_types=1);

use App\Notebook\Sqlite;
use Tests\Faults\Bed;
use Tests\Faults\Call;
use Tests\Faults\Devices;
use Tests\Faults\House;
use Tests\Faults\Inside;
use Tests\Faults\Long;
use Tests\Faults\Race;
use Tests\Faults\Reply;
use Tests\Faults\Visitor;

/*
 * Several devices that write at the same time.
 */

/** The one house they all write in. */
function busyHouse(): House
{
    static $house = null;
    if (! $house instanceof House) {
        $house = House::build();
        $house->open();
        $house->serve();
    }

    return $house;
}

it('takes what eight devices write at once, without one error', function (): void {
    $house = busyHouse();
    $each = intdiv(Long::times(480, 5000), 8);
    $visitors = array_map(static fn(int $d): Visitor => new Visitor($d, Bed::dug($house)), range(0, 7));
    $began = microtime(true);
    Devices::run($house->address, array_map(static fn(Visitor $one): Generator => $one->writes($each), $visitors));
    $refused = array_merge(...array_map(static fn(Visitor $one): array => $one->refused, $visitors));
    $longest = max(array_map(static fn(Visitor $one): float => $one->longest, $visitors));
    Long::tell('writers', ['devices' => 8, 'writes' => 8 * $each, 'errors' => count($refused), 'writes a second' => (int) round(8 * $each / (microtime(true) - $began)), 'longest wait, ms' => (int) round(1000 * $longest)]);
    expect($refused)->toBe([]);
});

it('makes one of what is sent twice at once, and tells what differs', function (): void {
    $house = busyHouse();
    $times = Long::times(160, 10_000);
    $faults = [];
    $told = 0;
    $bed = Bed::dug($house);
    for ($n = 0; $n < $times; ++$n) {
        // A case with thousands of counts tells them all in every answer: the next thousand goes to another.
        $bed = $n % 200 === 0 ? Bed::dug($house) : $bed;
        $race = Race::numbered($n, $bed->plant, $bed->case, $bed->batch, $n % 200);
        $replies = Devices::together($house->address, $race->calls);
        $told += count(array_filter($replies, static fn(Reply $reply): bool => $reply->status === 409));
        if (! $race->isRight($replies)) {
            $faults[] = "{$race->what}: " . implode(' | ', array_map(static fn(Reply $reply): string => "{$reply->status} {$reply->message()}", $replies));
        }
    }
    $doubles = Sqlite::number($house->pdo(), 'select count(*) - count(distinct submission) from counts');
    Long::tell('races', ['races' => $times, 'doubles' => $doubles, 'told that something else is saved' => $told, 'faults' => count($faults)]);
    // Of every four races two have a loser, and each loser is told.
    expect($faults)->toBe([])->and($doubles)->toBe(0)->and($told)->toBe(intdiv($times, 2));
});

it('makes one of what two processes are told to write at the same moment, without a line between', function (): void {
    $house = House::build();
    $house->open();
    $times = Long::times(100, 200_000);
    $pair = [Inside::begin($house, ['answer']), Inside::begin($house, ['answer'])];
    $bed = Bed::by($pair[0]->ask(...));
    $faults = [];
    $told = $doubles = 0;
    for ($n = 0; $n < $times; ++$n) {
        if ($n % 200 === 0) {
            $bed = Bed::by($pair[0]->ask(...));
        }
        $race = Race::ofSubmission($n, $bed->case);
        foreach ($race->calls as $i => $call) {
            $pair[$i]->send($call);
        }
        $replies = [$pair[0]->reply(), $pair[1]->reply()];
        $told += count(array_filter($replies, static fn(Reply $reply): bool => $reply->status === 409));
        if (! $race->isRight($replies)) {
            $faults[] = "{$race->what}: " . implode(' | ', array_map(static fn(Reply $reply): string => "{$reply->status} {$reply->message()}", $replies));
        }
        if ($n % 20_000 === 19_999 || $n === $times - 1) {
            // A notebook of its own for every twenty thousand: a household's is no larger.
            $doubles += Sqlite::number($house->pdo(), 'select count(*) - count(distinct submission) from counts') + Sqlite::number($house->pdo(), 'select count(*) - count(distinct submission) from plants');
            expect([$pair[0]->end(), $pair[1]->end()])->toBe(['', '']);
            $house->artisan('mixer:open', '--empty', '--fresh');
            $pair = [Inside::begin($house, ['answer']), Inside::begin($house, ['answer'])];
        }
    }
    Long::tell('races-inside', ['races' => $times, 'doubles' => $doubles, 'told that something else is saved' => $told, 'faults' => count($faults)]);
    expect($faults)->toBe([])->and($doubles)->toBe(0)->and($told)->toBe(intdiv($times, 2));
});

it('keeps both of two ways out that are written down at once, and one finish of two', function (): void {
    $house = busyHouse();
    for ($n = 0; $n < 10; ++$n) {
        $batch = Bed::dug($house)->batch;
        Devices::together($house->address, [Race::slip($batch, 1, 0), Race::slip($batch, 2, 0)]);
        expect((array) Devices::one($house->address, new Call('GET', "/api/batches/{$batch}", []))->at('slips'))->toHaveCount(2);
        $finish = static fn(string $glass): Call => new Call('POST', "/api/batches/{$batch}/finish", ['standTest' => $glass]);
        $replies = Devices::together($house->address, [$finish('even'), $finish('ring'), $finish('even')]);
        $statuses = array_map(static fn(Reply $reply): int => $reply->status, $replies);
        sort($statuses);
        // Either the two that say the same are taken, or the one that says something else.
        expect($statuses)->toBeIn([[200, 200, 409], [200, 409, 409]]);
    }
});
