<?php

declare(strict_types=1);

use Tests\Browser\Served;

/*
 * How quick the application is as ./start serves it, against the same code on the framework's development server as it
 * comes: default providers and middleware, nothing cached, development autoloading, debug on, one worker.
 *
 * What a write costs, in its transaction with all that guards it, is told by a call that writes and answers with a case, against
 * one that only reads the same case.
 *
 * Both are asked in turn, a few calls a round, and the ratio is taken round by round: milliseconds drift on a shared
 * machine, ratios hold. Usage: php benchmarks/serving.php [rounds]   (both servers are started and stopped here)
 */

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/call.php';

const CALLS = 4;
const PLAN = '{"recipe":"neem-leaf-quart","make":{"amount":1.5,"unit":"[gal_us]"},"sprayer":{"amount":1,"unit":"[gal_us]"},"plant":"ordinary-leaf"}';

/** @return array{string, Closure(): void} address, and how to stop it */
function untuned(): array
{
    $root = dirname(__DIR__);
    $place = sys_get_temp_dir() . '/idle-mixer-untuned-' . getmypid();
    foreach (['bootstrap/cache', 'config', 'public', 'data/storage/framework/views', 'data/storage/framework/cache/data', 'data/storage/logs'] as $folder) {
        mkdir("{$place}/{$folder}", 0o777, true);
    }
    foreach (['app', 'core', 'compat', 'database', 'routes', 'resources', 'vendor'] as $shared) {
        symlink("{$root}/{$shared}", "{$place}/{$shared}");
    }
    foreach (array_filter((array) glob("{$root}/config/*.php"), is_string(...)) as $file) {
        copy($file, "{$place}/config/" . basename($file));
    }
    // The framework's own list of providers in place of the short one.
    $config = (string) file_get_contents("{$place}/config/app.php");
    file_put_contents("{$place}/config/app.php", preg_replace("/'providers' => \[.*?\],\n/s", '', $config));
    copy("{$root}/bootstrap/providers.php", "{$place}/bootstrap/providers.php");
    copy("{$root}/bootstrap/environment", "{$place}/bootstrap/environment");
    $boot = (string) file_get_contents("{$root}/bootstrap/app.php");
    // The framework's own global middleware, less the one whose package cannot be had.
    $boot = preg_replace('/\$middleware->use\(\[.*?\]\);/s', '$middleware->remove([\Illuminate\Http\Middleware\HandleCors::class]);', $boot);
    file_put_contents("{$place}/bootstrap/app.php", $boot);
    file_put_contents("{$place}/public/index.php", "<?php define('LARAVEL_START', microtime(true)); require '{$place}/vendor/autoload.php'; (require '{$place}/bootstrap/app.php')->handleRequest(Illuminate\\Http\\Request::capture());");
    $port = Served::freePort();
    $pipes = [];
    $environment = [...Served::environment("{$place}/data"), 'APP_ENV' => 'local', 'APP_DEBUG' => 'true', 'APP_KEY' => 'base64:MTIzNDU2Nzg5MDEyMzQ1Njc4OTAxMjM0NTY3ODkwMTI='];
    $process = proc_open(['php', '-S', "127.0.0.1:{$port}", "{$root}/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php"], [['file', '/dev/null', 'r'], ['file', "{$place}/log", 'w'], ['file', "{$place}/log", 'a']], $pipes, "{$place}/public", $environment);
    assert($process !== false);
    usleep(700_000);

    return ["http://127.0.0.1:{$port}", static function () use ($process, $place): void {
        proc_terminate($process, \SIGKILL);
        proc_close($process);
        exec('rm -rf ' . escapeshellarg($place));
    }];
}

/** A new plant: every write is one of its own. */
function plant(): string
{
    $hex = bin2hex(random_bytes(16));
    $uuid = substr($hex, 0, 8) . '-' . substr($hex, 8, 4) . '-4' . substr($hex, 13, 3) . '-8' . substr($hex, 17, 3) . '-' . substr($hex, 20, 12);

    return '{"submission":"' . $uuid . '","name":"Aster","tolerance":"ordinary-leaf"}';
}

/** @return array{id: int, key: string} a case that was opened to read and write */
function opened(string $address): array
{
    $make = static function (string $path, string $fields) use ($address): array {
        $curl = curl_init($address . $path);
        curl_setopt_array($curl, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_HTTPHEADER => ['Content-Type: application/json'], \CURLOPT_POSTFIELDS => substr(plant(), 0, 53) . "{$fields}}"]);
        $made = json_decode((string) curl_exec($curl), true);

        return is_array($made) && is_int($made['id'] ?? null) && is_string($made['key'] ?? null) ? ['id' => $made['id'], 'key' => $made['key']] : throw new RuntimeException("{$path} made nothing.");
    };

    return $make('/api/cases', '"pest":"aphids","plantId":' . $make('/api/plants', '"name":"Aster","tolerance":"ordinary-leaf"')['id']);
}

/** @param list<float> $values */
function quantile(array $values, float $share): float
{
    sort($values);

    return $values[(int) floor($share * (count($values) - 1))];
}

$rounds = max(80, (int) ($argv[1] ?? 120));
$served = Served::empty();
[$plain, $stop] = untuned();
$case = opened($served->address);
$done = false;
// Done, and undone again: each call writes.
$flip = static function () use (&$done): string {
    $done = ! $done;

    return $done ? '{"done":true}' : '{"done":false}';
};
$asked = [
    'untuned bare' => ["{$plain}/api/ping", null],
    'served bare' => ["{$served->address}/api/ping", null],
    'served plan' => ["{$served->address}/api/plan", PLAN],
    'served new plant' => ["{$served->address}/api/plants", plant(...)],
    'served case, read' => ["{$served->address}/api/cases/{$case['id']}", null],
    'served case, written' => ["{$served->address}/api/cases/{$case['key']}/steps/water-jet", $flip, 'PUT'],
];
try {
    for ($warm = 0; $warm < 30; ++$warm) {
        foreach ($asked as $call) {
            call(...$call);
        }
    }
    $all = array_fill_keys(array_keys($asked), []);
    $ratios = [];
    for ($round = 0; $round < $rounds; ++$round) {
        $means = array_fill_keys(array_keys($asked), 0.0);
        foreach ($asked as $name => $call) {
            for ($i = 0; $i < CALLS; ++$i) {
                $all[$name][] = $ms = call(...$call);
                $means[$name] += $ms / CALLS;
            }
        }
        foreach (['served bare', 'served plan'] as $name) {
            $ratios[$name][] = $means[$name] / $means['untuned bare'];
        }
        $ratios['new plant / served bare'][] = $means['served new plant'] / $means['served bare'];
        $ratios['case written / case read'][] = $means['served case, written'] / $means['served case, read'];
        $ratios['plan over bare, ms'][] = $means['served plan'] - $means['served bare'];
    }
} finally {
    $stop();
}
printf("PHP %s, %d rounds of %d calls\n\n| | median | p95 |\n|---|---|---|\n", \PHP_VERSION, $rounds, CALLS);
foreach ($all as $name => $times) {
    printf("| %s, ms | %.2f | %.2f |\n", $name, quantile($times, 0.5), quantile($times, 0.95));
}
foreach ($ratios as $name => $values) {
    printf("| %s | %.2f | %.2f |\n", str_contains($name, 'ms') || str_contains($name, '/') ? $name : "{$name} / untuned bare", quantile($values, 0.5), quantile($values, 0.95));
}
$untuned = quantile($all['untuned bare'], 0.95);
printf("| p95 of served plan / p95 of untuned bare | %.2f | |\n| p95 of served bare / p95 of untuned bare | %.2f | |\n", quantile($all['served plan'], 0.95) / $untuned, quantile($all['served bare'], 0.95) / $untuned);
