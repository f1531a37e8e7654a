<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

/*
 * How soon something is to be seen: the first paint of each main screen, and the whole painted plan on the bench (spoons, water line, verdict), against an empty
 * page from the same kind of server. Every opening is a fresh browser with nothing kept; all are taken in turn, and the ratios
 * are those of the medians of one run. Usage: php benchmarks/paint.php [openings]
 */

require __DIR__ . '/../vendor/autoload.php';

const WATCH = <<<'JS'
    window.planAt = 0;
    // All of it: each spoon, the water line in the sprayer, and the verdict.
    const whole = () => document.querySelector('[data-plan] [data-spoon]') !== null
        && document.querySelector('[data-part=sprayer] svg [class*=stroke-info]') !== null
        && (document.getElementById('bench-verdict')?.textContent ?? '').trim() !== '';
    new MutationObserver((_, seen) => {
        if (whole()) {
            seen.disconnect();
            requestAnimationFrame(() => setTimeout(() => { window.planAt = performance.now(); }, 0));
        }
    }).observe(document, { subtree: true, childList: true, characterData: true });
    JS;

/** @param list<float> $times */
function middle(array $times): float
{
    sort($times);

    return $times[intdiv(count($times), 2)];
}

/** @return array{string, Closure(): void} */
function emptyPage(): array
{
    $folder = sys_get_temp_dir() . '/idle-mixer-empty-' . getmypid();
    mkdir($folder);
    file_put_contents("{$folder}/index.html", '<!doctype html><html lang="en"><head><meta charset="utf-8"><title>Empty</title></head><body><h1>Empty</h1></body></html>');
    $port = Served::freePort();
    $pipes = [];
    $process = proc_open(['php', '-S', "127.0.0.1:{$port}", '-t', $folder], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes);
    assert($process !== false);
    usleep(500_000);

    return ["http://127.0.0.1:{$port}/", static function () use ($process, $folder): void {
        proc_terminate($process);
        exec('rm -rf ' . escapeshellarg($folder));
    }];
}

/** @return array{float, float} ms to the first paint, and to the painted plan where there is one */
function openedIn(Served $served, string $address, bool $plan): array
{
    $times = [0.0, 0.0];
    Screen::with($served, static function (Screen $screen) use ($address, $plan, &$times): void {
        $screen->before(WATCH);
        $screen->driver->get($address);
        $paint = static fn(): mixed => $screen->script('return performance.getEntriesByName("first-contentful-paint")[0]?.startTime ?? 0');
        $screen->until(static fn(): bool => $paint() > 0, 'Nothing was painted.');
        if ($plan) {
            $screen->until(static fn(): bool => $screen->script('return window.planAt') > 0, 'No plan was painted.');
        }
        $of = static fn(mixed $time): float => is_numeric($time) ? (float) $time : 0.0;
        $times = [$of($paint()), $of($screen->script('return window.planAt'))];
    });

    return $times;
}

/** @return array<string, float> kB in gzip: what every first page brings, and what each screen adds to it */
function weights(): array
{
    $folder = dirname(__DIR__) . '/public/build';
    $manifest = json_decode((string) file_get_contents("{$folder}/.vite/manifest.json"), true);
    assert(is_array($manifest));
    $of = static function (string $entry, array $had) use ($manifest, $folder): array {
        $wanted = [$entry];
        $files = [];
        while (($name = array_pop($wanted)) !== null) {
            $chunk = is_array($manifest[$name] ?? null) ? $manifest[$name] : [];
            foreach ([$chunk['file'] ?? '', ...(array) ($chunk['css'] ?? [])] as $file) {
                if (is_string($file) && $file !== '' && ! isset($had[$file]) && ! isset($files[$file])) {
                    $files[$file] = (int) filesize("{$folder}/{$file}.gz") / 1000.0;
                    array_push($wanted, ...array_filter((array) ($chunk['imports'] ?? []), is_string(...)));
                }
            }
        }

        return $files;
    };
    $shell = $of('index.html', []);
    $shell += $of('js/begin.ts', $shell);
    $weights = ['what every first page brings' => array_sum($shell)];
    foreach ($manifest as $name => $chunk) {
        if (is_string($name) && str_starts_with($name, 'js/screens/') && is_array($chunk) && ($chunk['isDynamicEntry'] ?? false) === true) {
            $weights[basename($name, '.svelte')] = array_sum($of($name, $shell));
        }
    }

    return $weights;
}

$openings = (int) ($argv[1] ?? 12);
[$empty, $stop] = emptyPage();
$served = Served::demo();
$pages = ['an empty page' => [$empty, false], 'bench' => ["{$served->address}/bench", true], 'today' => ["{$served->address}/", false], 'mixing' => ["{$served->address}/batches/19", false], 'shed' => ["{$served->address}/shed", false]];
$first = [];
$plan = [];
for ($i = 0; $i < $openings; ++$i) {
    foreach ($pages as $name => [$address, $planned]) {
        [$painted, $planAt] = openedIn($served, $address, $planned);
        $first[$name][] = $painted;
        if ($planned) {
            $plan[] = $planAt;
        }
    }
}
$stop();
$floor = middle($first['an empty page'] ?? []);
foreach ($first as $name => $times) {
    printf("first paint, %s: %.0f ms, %.2f of an empty page\n", $name, middle($times), middle($times) / $floor);
}
printf("whole painted plan: %.0f ms, %.2f of the first paint of the bench\n", middle($plan), middle($plan) / middle($first['bench'] ?? []));
foreach (weights() as $name => $kB) {
    printf("scripts and styles in gzip, %s: %.1f kB\n", $name, $kB);
}
