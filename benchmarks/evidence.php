<?php

declare(strict_types=1);

use App\Notebook\Sqlite;
use App\Records\Fresh;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

/*
 * What worked, cases and today in a notebook of ten open cases with 1,000 counts, and in one of 1,000 cases (500 of them open)
 * with 5,000 batches and 100,000 counts. Usage: php benchmarks/evidence.php [rounds]
 */

require __DIR__ . '/../vendor/autoload.php';

const PATHS = ['/api/worked', '/api/cases', '/api/today'];

/** Puts so many cases in the place of those of the demo: each with a hundred counts and five rounds of its sprays. */
function fill(PDO $pdo, int $cases): void
{
    $columns = static fn(string $but): string => implode(', ', array_map(static fn(string $name): string => "\"{$name}\"", array_diff(Sqlite::texts($pdo, "select name from pragma_table_info('batches')"), explode(' ', $but))));
    $uuid = "lower(hex(randomblob(4)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(2)) || '-' || hex(randomblob(6)))";
    $upTo = static fn(string $name, int $many): string => "{$name}(i) as (select 0 union all select i + 1 from {$name} where i < {$many} - 1)";
    $open = $cases <= 10 ? '1' : 'c.i % 2 = 0';
    $pdo->exec('begin');
    $pdo->exec('create temp table sprays as select *, row_number() over (order by id) - 1 as n from batches where made is not null and for_leaf_test = 0 order by id limit 20');
    foreach (['counts', 'burns', 'rounds', 'case_steps', 'watches', 'leaf_readings', 'leaf_tests', 'stand_tests', 'batch_ticks', 'batch_scoops', 'batch_items', 'batch_steps', 'batches', 'cases', 'weighed_rounds', 'weighed_sprays', 'stale_pests', 'stale_cases'] as $table) {
        $pdo->exec("delete from {$table}");
    }
    $pdo->exec("with recursive {$upTo('c', $cases)} insert into cases (id, submission, version, plant_id, pest, opened_at, closed_at, conclusion, notes, spots)
        select c.i + 1, {$uuid}, 1, 1 + c.i % 9, (json_extract('[\"aphids\",\"mealybugs\",\"spider-mites\",\"scale\",\"whitefly\",\"thrips\",\"powdery-mildew\",\"rust\"]', '$[' || (c.i % 8) || ']')),
        datetime('2025-10-22 18:00:00', '+' || (c.i % 360) || ' days'), case when {$open} then null else datetime('2025-10-22 18:00:00', '+' || (c.i % 360 + 30) || ' days') end, '', '', '' from c");
    $pdo->exec("with recursive {$upTo('c', $cases)}, {$upTo('r', 5)} insert into batches (id, submission, case_id, plant_id, discarded_at, {$columns('id submission case_id plant_id discarded_at')})
        select 5 * c.i + r.i + 1, {$uuid}, c.i + 1, 1 + c.i % 9, '2026-11-01 00:00:00', {$columns('id submission case_id plant_id discarded_at')} from c, r, sprays where sprays.n = (c.i + r.i) % (select count(*) from sprays)");
    $pdo->exec("with recursive {$upTo('c', $cases)}, {$upTo('r', 5)} insert into rounds (submission, version, case_id, batch_id, sprayed_at, hand_work, notes, override, weather)
        select {$uuid}, 1, c.i + 1, 5 * c.i + r.i + 1, datetime('2025-10-22 19:00:00', '+' || (c.i % 360 + 2 + 10 * r.i) || ' days'), 0, '', '', '' from c, r");
    $pdo->exec("with recursive {$upTo('c', $cases)}, {$upTo('k', 100)} insert into counts (submission, version, case_id, counted_at, value, untreated, notes)
        select {$uuid}, 1, c.i + 1, datetime('2025-10-22 18:00:00', '+' || (24 * (c.i % 360) + 12 * k.i) || ' hours'), (k.i * 37 + c.i) % 90, k.i % 5 = 4, '' from c, k");
    $pdo->exec('insert into stale_cases (case_id) select id from cases');
    $pdo->exec('commit');
    $pdo->exec('analyze');
}

/** Answers every path so many times, and says what that took. */
function answer(int $rounds): void
{
    /** @var Application $app */
    $app = require __DIR__ . '/../bootstrap/app.php';
    $kernel = $app->make(Kernel::class);
    $ask = static fn(string $path): string => (string) $kernel->handle(Request::create("http://127.0.0.1{$path}", 'GET', server: ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_HOST' => '127.0.0.1']))->getContent();
    $ask('/api/ping');
    $from = hrtime(true);
    $app->make(Fresh::class)->all();
    echo 'weighed ' . (hrtime(true) - $from) / 1e6 . "\n";
    foreach (PATHS as $path) {
        $ask($path);
        $times = [];
        $size = 0;
        for ($round = 0; $round < $rounds; ++$round) {
            gc_collect_cycles();
            memory_reset_peak_usage();
            $from = hrtime(true);
            $size = strlen($ask($path));
            $times[] = (hrtime(true) - $from) / 1e6;
        }
        sort($times);
        echo "{$path} " . $times[intdiv(count($times), 2)] . ' ' . memory_get_peak_usage() / 1e6 . " {$size}\n";
    }
}

if (($argv[1] ?? '') === '--answer') {
    answer((int) ($argv[2] ?? 9));
    exit(0);
}

$rounds = max(3, (int) ($argv[1] ?? 15));
$medians = [];
foreach (['ten open cases' => 10, 'a thousand cases, 500 open' => 1_000] as $name => $cases) {
    $folder = sys_get_temp_dir() . '/idle-mixer-evidence-' . bin2hex(random_bytes(4));
    mkdir($folder, 0o700, true);
    $run = static fn(string $command): string => (string) shell_exec('MIXER_DATA=' . escapeshellarg($folder) . " php -d memory_limit=1G -d opcache.enable_cli=1 {$command}");
    $run(escapeshellarg(__DIR__ . '/../artisan') . ' mixer:open');
    fill(Sqlite::open("{$folder}/notebook.sqlite"), $cases);
    foreach (explode("\n", trim($run(escapeshellarg(__FILE__) . " --answer {$rounds}"))) as $line) {
        [$path, $ms, $peak, $size] = [...explode(' ', $line), '', '', ''];
        if ($path === 'weighed') {
            printf("%s: all weighed anew in %.1f s\n", $name, (float) $ms / 1000);
        } else {
            printf("  %-12s median %.1f ms, peak %.1f MB, %.0f kB\n", $path, (float) $ms, (float) $peak, (float) $size / 1000);
            $medians[$path][] = (float) $ms;
        }
    }
    shell_exec('rm -rf ' . escapeshellarg($folder));
}
foreach ($medians as $path => [$few, $many]) {
    printf("%s: %.2f times\n", $path, $many / $few);
}
