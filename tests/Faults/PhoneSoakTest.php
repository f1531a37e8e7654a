<?php

declare(strict_types=1);

use Tests\Faults\Call;
use Tests\Faults\Devices;
use Tests\Faults\Long;
use Tests\Faults\PhoneHouse;
use Tests\Faults\Reply;

/*
 * A household that uses it for a while: eight devices over the encrypted door, each with what hands do at the bench.
 */

/**
 * What one device asks, again and again, until the time is over.
 *
 * @param list<float>  $took  ms
 * @param list<string> $wrong
 *
 * @return Generator<mixed, Call, Reply, mixed>
 */
function deviceAtTheBench(float $end, array &$took, array &$wrong): Generator
{
    $bench = ['request' => ['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 1, 'unit' => '[gal_us]']]];
    $count = Call::make('/api/cases/6/counts', ['value' => 3]);
    for ($i = 0; microtime(true) < $end; ++$i) {
        $calls = [
            new Call('GET', '/api/today?zone=UTC', []), new Call('POST', '/api/bench', ['request' => ['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 1 + $i % 7, 'unit' => 'L']]]),
            new Call('GET', '/api/cases/6', []), new Call('GET', '/api/batches/19', []), new Call('POST', '/api/bench', $bench),
            new Call('POST', '/api/amount', ['said' => 'half a gallon']), new Call('PUT', '/api/batches/19/loads/1/steps/1', ['ticked' => $i % 2 === 0]), new Call('GET', '/api/hand', []),
        ];
        foreach ($calls as $call) {
            $before = hrtime(true);
            $reply = yield $call;
            $took[] = (hrtime(true) - $before) / 1e6;
            if ($reply->status !== 200) {
                $wrong[] = "{$call->method} {$call->path}: {$reply->status} {$reply->message()}";
            }
        }
        if ($i % 20 === 0) {
            // The same again, as after a lost answer: the notebook does not grow, so that growth is the servers’.
            $reply = yield $count;
            if (! $reply->acknowledged()) {
                $wrong[] = "a count: {$reply->status} {$reply->message()}";
            }
        }
    }
}

/**
 * @param list<float> $all
 */
function percentile(array $all, float $share): float
{
    sort($all);

    return $all[(int) floor($share * (count($all) - 1))] ?? 0.0;
}

/** Files and sockets below a folder, but those that SQLite keeps beside its own. */
function filesBelow(string $folder): int
{
    return (int) trim((string) shell_exec('find ' . escapeshellarg($folder) . ' -type f -o -type s | grep -v "notebook.sqlite-" | wc -l'));
}

it('serves eight devices over the encrypted door without one error, evenly, and neither memory nor files grow', function (): void {
    $house = PhoneHouse::served();
    $cookie = $house->cookie();
    $options = [\CURLOPT_CAINFO => $house->authority(), \CURLOPT_COOKIE => $cookie];
    $took = $wrong = [];
    $run = static function (float $seconds) use ($house, $options, &$took, &$wrong): void {
        $devices = [];
        for ($n = 0; $n < 8; ++$n) {
            $devices[] = deviceAtTheBench(microtime(true) + $seconds, $took, $wrong);
        }
        Devices::run($house->doors->bench, $devices, null, $options);
    };
    // Each worker has loaded what it needs.
    $run(Long::times(4, 30));
    [$memory, $files] = [$house->memory(), filesBelow($house->folder)];
    $took = [];
    $run(Long::times(6, 600));
    $grown = $house->memory() / max(1, $memory);
    $p50 = percentile($took, 0.5);
    $p99 = percentile($took, 0.99);
    $left = filesBelow($house->folder) - $files;
    Long::tell('soak', ['seconds' => Long::times(6, 600), 'devices' => 8, 'answers' => count($took), 'errors' => count($wrong), 'p50 in ms' => round($p50, 1), 'p99 in ms' => round($p99, 1), 'p99 to p50' => round($p99 / $p50, 2), 'memory after to before' => round($grown, 3), 'files left' => $left]);
    expect($wrong)->toBe([])
        ->and($left)->toBe(0)
        // Private memory of the workers of PHP.
        ->and($grown)->toBeLessThan(1.1)
        ->and(count($took))->toBeGreaterThan(50);
    if (Long::is()) {
        expect($p99)->toBeLessThanOrEqual(5.0 * $p50);
    }
});
