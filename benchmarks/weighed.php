<?php

declare(strict_types=1);

use Tests\Browser\Served;

/*
 * What a write costs after which a trouble's rounds are weighed anew, against one after which they are not, with so many rounds of that
 * trouble: the write alone, and with Today and what worked asked first after it, as ./start serves them.
 *
 * Usage: php benchmarks/weighed.php [rounds of the trouble] [repeats]   (the server is started and stopped here; leave the machine alone meanwhile)
 */

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/call.php';

/**
 * Writes something.
 *
 * @param array<string, mixed> $body
 *
 * @return array{int, string} number and key of the record that answers
 */
function answeredBy(string $url, array $body): array
{
    $answer = file_get_contents($url, false, stream_context_create(['http' => ['method' => 'POST', 'ignore_errors' => true, 'header' => 'Content-Type: application/json', 'content' => (string) json_encode($body)]]));
    $told = json_decode((string) $answer, true);
    if (! is_array($told) || isset($told['error'])) {
        throw new RuntimeException("{$url} answered: {$answer}");
    }

    return [is_int($told['id'] ?? null) ? $told['id'] : 0, is_string($told['key'] ?? null) ? $told['key'] : ''];
}

/** @return array<string, scalar|null> the first row of a table */
function firstRow(PDO $notebook, string $table): array
{
    $rows = $notebook->query("select * from {$table} limit 1");
    $row = [];
    foreach ($rows === false ? [] : (array) $rows->fetch(PDO::FETCH_ASSOC) as $column => $value) {
        $row[(string) $column] = is_scalar($value) ? $value : null;
    }

    return $row;
}

function freshKey(): string
{
    return sprintf('%s-%s-4%s-8%s-%s', bin2hex(random_bytes(4)), bin2hex(random_bytes(2)), substr(bin2hex(random_bytes(2)), 1), substr(bin2hex(random_bytes(2)), 1), bin2hex(random_bytes(6)));
}

/** @param array<string, scalar|null> $row */
function laidDown(PDO $notebook, string $table, array $row): void
{
    $row = [...$row, 'submission' => freshKey()];
    unset($row['id']);
    $notebook->prepare("insert into {$table} (" . implode(', ', array_keys($row)) . ') values (' . implode(', ', array_fill(0, count($row), '?')) . ')')->execute(array_values($row));
}

$rounds = max(20, (int) ($argv[1] ?? 700));
$repeats = max(5, (int) ($argv[2] ?? 15));
$folder = sys_get_temp_dir() . '/idle-mixer-weighed-' . getmypid();
$at = Served::in($folder)->address;

[$batch, $key] = answeredBy("{$at}/api/batches", ['submission' => freshKey(), 'bench' => ['request' => ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]]]);
call("{$at}/api/batches/{$key}/finish", (string) json_encode(['standTest' => 'even']));
$cases = [];
for ($i = 0; $i < intdiv($rounds, 10); ++$i) {
    [$plant] = answeredBy("{$at}/api/plants", ['submission' => freshKey(), 'name' => "Bean {$i}", 'tolerance' => 'ordinary-leaf']);
    $cases[] = answeredBy("{$at}/api/cases", ['submission' => freshKey(), 'plantId' => $plant, 'pest' => 'aphids']);
}
call("{$at}/api/cases/{$cases[0][1]}/counts", (string) json_encode(['submission' => freshKey(), 'value' => 50]));
call("{$at}/api/cases/{$cases[0][1]}/rounds", (string) json_encode(['submission' => freshKey(), 'batch' => $key, 'override' => 'Tested last year.']));
$notebook = new PDO("sqlite:{$folder}/notebook.sqlite", null, null, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 20]);
$round = firstRow($notebook, 'rounds');
$count = firstRow($notebook, 'counts');
$notebook->beginTransaction();
$notebook->exec("update cases set opened_at = datetime('now', '-60 days')");
foreach ($cases as $case) {
    for ($i = 0; $i < 10; ++$i) {
        laidDown($notebook, 'counts', [...$count, 'case_id' => $case[0], 'value' => 60 - 5 * $i, 'counted_at' => gmdate('Y-m-d H:i:s', time() - 86400 * (55 - 5 * $i))]);
        laidDown($notebook, 'rounds', [...$round, 'case_id' => $case[0], 'sprayed_at' => gmdate('Y-m-d H:i:s', time() - 86400 * (55 - 5 * $i) + 3600)]);
    }
}
$notebook->exec('insert or ignore into stale_cases (case_id) select id from cases');
$notebook->commit();
call("{$at}/api/worked");
$many = firstRow($notebook, '(select count(*) as many from weighed_rounds)')['many'] ?? 0;

$light = static fn(): float => call("{$at}/api/plants", (string) json_encode(['submission' => freshKey(), 'name' => 'Fern ' . bin2hex(random_bytes(4)), 'tolerance' => 'ordinary-leaf']));
$heavy = static fn(): float => call("{$at}/api/cases/{$cases[1][1]}/counts", (string) json_encode(['submission' => freshKey(), 'value' => random_int(1, 9)]));
$heavies = $lights = [];
for ($i = 0; $i < $repeats + 2; ++$i) {
    foreach (['light' => $light, 'heavy' => $heavy] as $kind => $write) {
        foreach (['Today' => '/api/today', 'what worked' => '/api/worked'] as $name => $path) {
            $alone = $write();
            $after = call($at . $path);
            if ($i >= 2) {
                foreach (['the write alone' => $alone, "with {$name} after it" => $alone + $after] as $what => $ms) {
                    $kind === 'heavy' ? $heavies[$what][] = $ms : $lights[$what][] = $ms;
                }
            }
        }
    }
}
printf("PHP %s, %s rounds weighed, %d repeats, medians:\n\n| | weighed anew, ms | not, ms | ratio |\n|---|---:|---:|---:|\n", \PHP_VERSION, $many, $repeats);
foreach ($heavies as $what => $each) {
    printf("| %s | %.1f | %.1f | %.2f |\n", $what, median($each), median($lights[$what]), median($each) / median($lights[$what]));
}
