<?php

declare(strict_types=1);

use Tests\Browser\Served;

/*
 * What a screen opens on, as ./start serves the demo notebook, against the bare route of the same server in the same run: asked again
 * while nobody writes, which is answered from what was kept, and first after somebody wrote, when it is worked out. Beside it a write after
 * which a trouble's rounds are weighed anew, against one after which they are not.
 *
 * Usage: php benchmarks/opened.php [rounds]   (the server is started and stopped here; leave the machine alone meanwhile)
 */

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/call.php';

$rounds = max(10, (int) ($argv[1] ?? 40));
$at = Served::demo()->address;
$case = json_decode((string) file_get_contents("{$at}/api/cases/6"), true);
$key = is_array($case) && is_string($case['key'] ?? null) ? $case['key'] : throw new RuntimeException('The demo has no case 6.');
$screens = ['today' => '/api/today?zone=Europe/Vienna', 'a case' => '/api/cases/6', 'a plant' => '/api/plants/2', 'the day' => '/api/day', 'plants' => '/api/rows', 'batches' => '/api/batches', 'what worked' => '/api/worked'];
$done = false;
$flip = static function () use (&$done, $at, $key): float {
    $done = ! $done;

    return call("{$at}/api/cases/{$key}/steps/less-feed", $done ? '{"done":true}' : '{"done":false}', 'PUT');
};
$again = $first = array_fill_keys(array_keys($screens), []);
$bare = [];
for ($round = 0; $round < $rounds + 3; ++$round) {
    $here = [call("{$at}/api/ping"), call("{$at}/api/ping")];
    foreach ($screens as $name => $path) {
        $flip();
        $one = call($at . $path);
        $two = [call($at . $path), call($at . $path)];
        // Workers run code for the first time in the first rounds.
        if ($round >= 3) {
            $first[$name][] = $one / median($here);
            array_push($again[$name], ...array_map(static fn(float $ms): float => $ms / median($here), $two));
        }
    }
    array_push($bare, ...$here);
}
printf("PHP %s, %d rounds; the bare route takes %.2f ms at the median. Times the bare route, at the median:\n\n| | again | first after a write |\n|---|---|---|\n", \PHP_VERSION, $rounds, median($bare));
foreach (array_keys($screens) as $name) {
    printf("| %s | %.1f | %.1f |\n", $name, median($again[$name]), median($first[$name]));
}
