<?php

declare(strict_types=1);

/*
 * Measures the made leaves and writes docs/photographs.md. It takes some minutes; `./check --long` calls it.
 * php docs/measure-photographs.php [how many]
 */

use IdleMixer\Core\Tests\Support\Leaves\Leaves;
use IdleMixer\Core\Tests\Support\Leaves\Measurement;

require __DIR__ . '/../vendor/autoload.php';

$count = max(20, (int) ($argv[1] ?? 300));
// Two processes, each every second leaf: one would take twice as long.
$folder = sys_get_temp_dir() . '/leaves-' . getmypid();
mkdir($folder);
$children = [];
foreach ([0, 1] as $part) {
    $child = pcntl_fork();
    if ($child === 0) {
        foreach (Leaves::all($count) as $n => $made) {
            if ($n % 2 === $part) {
                file_put_contents("{$folder}/{$n}", serialize(Measurement::of($made)));
            }
        }
        exit(0);
    }
    $children[] = $child;
}
foreach ($children as $child) {
    pcntl_waitpid($child, $status);
}
/** @var list<Measurement> $all */
$all = [];
for ($n = 0; $n < $count; ++$n) {
    $one = unserialize((string) file_get_contents("{$folder}/{$n}"));
    assert($one instanceof Measurement);
    $all[] = $one;
    unlink("{$folder}/{$n}");
}
rmdir($folder);

/** @param list<Measurement> $some */
$row = static function (string $name, array $some): string {
    $n = count($some);
    $with = array_values(array_filter($some, static fn(Measurement $one): bool => $one->injured !== null));
    $share = static fn(callable $of): string => sprintf('%d %%', (int) round(100.0 * count(array_filter($some, $of)) / max(1, $n)));

    return sprintf(
        '| %s | %d | %s | %d | %+.1f | %s | %s | %d |',
        $name,
        $n,
        $share(static fn(Measurement $one): bool => abs($one->off()) <= 3.0),
        count(array_filter($some, static fn(Measurement $one): bool => ! $one->unsure && abs($one->off()) > 8.0)),
        array_sum(array_map(static fn(Measurement $one): float => $one->off(), $with)) / max(1, count($with)),
        $share(static fn(Measurement $one): bool => $one->isCovered()),
        $share(static fn(Measurement $one): bool => $one->unsure),
        $n - count($with),
    );
};
$head = "| kind | leaves | within 3 points | over 8 and not unsure | bias | truth in the range | unsure | no figure |\n| --- | --- | --- | --- | --- | --- | --- | --- |";
$tables = '';
foreach (['light', 'paper', 'injury', 'colour', 'shape'] as $kind) {
    $groups = [];
    foreach ($all as $one) {
        $groups[(string) $one->made->{$kind}][] = $one;
    }
    ksort($groups);
    $tables .= "\n### By {$kind}\n\n{$head}\n" . implode("\n", array_map($row, array_keys($groups), $groups)) . "\n";
}
$plain = array_values(array_filter($all, static fn(Measurement $one): bool => ! $one->made->mayBeUnsure()));
$unhurt = array_filter($all, static fn(Measurement $one): bool => $one->truth === 0.0);
$overOne = array_filter($unhurt, static fn(Measurement $one): bool => ($one->injured ?? 100.0) > 1.0);
$tooUnsure = array_filter($all, static fn(Measurement $one): bool => $one->isTooUnsure());
$text = "# How near a photograph comes\n\nWritten by `php docs/measure-photographs.php`, which `./check --long` runs; measured " . date('Y-m-d') . ".\n\n"
    . 'The leaves are made: painted with veins, sheen and grain, their hurt points counted before light, paper and camera come over them (`core/tests/Support/Leaves`). '
    . "Hurt is told in points of percent of the leaf. Glare, soft shadow, coloured paper, cream paper and straw on pale leaves may be called unsure.\n\n## All\n\n{$head}\n"
    . $row('all', $all) . "\n" . $row('without what may be unsure', $plain) . "\n\n"
    . sprintf("Unhurt leaves: %d, of which %d read more than 1 %%. Unsure without need: %d of %d.\n", count($unhurt), count($overOne), count($tooUnsure), count($all))
    . $tables
    . <<<'MD'

## What is still to be tried

No free photograph of a single leaf on paper, with its hurt area counted, was found among the packages that install here. Real
photographs are still to be tried. To add one: count its hurt area by hand in any drawing program (select the hurt parts, and the
whole blade; divide the pixels), put the picture and that figure beside the made ones as a case of
`core/tests/Photo/MadeLeavesTest.php`, and name who took it and under which licence.

MD;
file_put_contents(__DIR__ . '/photographs.md', $text);
echo implode("\n", array_slice(explode("\n", $text), 8, 8)), "\n";
