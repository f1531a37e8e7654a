<?php

declare(strict_types=1);

/*
 * Plants faults of the trade one at a time in a copy, and says which test catches each.
 *
 *   ./planted                 all of them
 *   ./planted NAME …          these
 *   ./planted --write         all, and the table goes into docs/testing.md
 *
 * Needs php8.2-pcov, to know which tests run which file. Exit status 1 where one is not caught.
 */

use Tests\Mutants\Coverage;
use Tests\Mutants\Workplace;
use Tests\Planted\Fault;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

(static function (string ...$arguments): void {
    $root = dirname(__DIR__, 2);
    $write = in_array('--write', $arguments, true);
    $wanted = array_values(array_diff($arguments, ['--write']));
    $faults = array_values(array_filter(Fault::all(), static fn(Fault $fault): bool => $wanted === [] || in_array($fault->slug, $wanted, true)));
    if (count($faults) < max(1, count($wanted))) {
        fwrite(\STDERR, 'There is no fault ' . implode(', ', array_diff($wanted, array_column($faults, 'slug'))) . ".\n");
        exit(1);
    }
    $coverage = Coverage::measure($root, "{$root}/var/coverage.json");
    $places = [new Workplace($root), new Workplace($root)];
    $running = $caught = [];
    while ($faults !== [] || $running !== []) {
        foreach ($places as $i => $place) {
            if (isset($running[$i])) {
                [$fault, $process] = $running[$i];
                $status = proc_get_status($process);
                if ($status['running']) {
                    continue;
                }
                $said = $place->failed();
                // Whoever runs out of time has caught nothing.
                $by = in_array($status['exitcode'], [0, 124, 137], true) ? '' : ($said === '' ? 'whatever runs it: it breaks off' : $said);
                $place->restore($fault->file);
                unset($running[$i]);
                $caught[$fault->slug] = [$fault->what, $by];
                echo str_pad($fault->slug, 30), $by === '' ? 'NOT CAUGHT' : $by, "\n";
            }
            $next = array_shift($faults);
            if ($next !== null) {
                $place->write($next->file, $next->planted($root));
                $tests = $coverage->ofFile($next->file);
                $running[$i] = [$next, $place->test($tests === [] ? $coverage->ofConstants($root, $next->file) : $tests, 900)];
            }
        }
        usleep(20_000);
    }
    ksort($caught);
    $missed = array_filter($caught, static fn(array $row): bool => $row[1] === '');
    printf("\n%d planted, %d caught.\n", count($caught), count($caught) - count($missed));
    if ($write) {
        $rows = array_map(static fn(array $row): string => sprintf('| %s | %s |', $row[0], $row[1] === '' ? 'not caught' : strtr($row[1], ['|' => '\|'])), $caught);
        $table = sprintf("\nPlanted %s: %d faults, %d caught.\n\n| Fault | Caught by |\n| --- | --- |\n%s\n\n", date('Y-m-d'), count($caught), count($caught) - count($missed), implode("\n", $rows));
        $docs = "{$root}/docs/testing.md";
        file_put_contents($docs, (string) preg_replace_callback('/(?<=<!-- planted -->\n).*?(?=<!-- end of planted -->)/s', static fn(): string => $table, (string) file_get_contents($docs)));
    }
    exit($missed === [] ? 0 : 1);
})(...array_slice($argv, 1));
