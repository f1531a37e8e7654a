<?php

declare(strict_types=1);

/*
 * Writes the figures of the last long run of the tests of faults into docs/faults.md.
 */
(static function (): void {
    $root = dirname(__DIR__, 2);
    $docs = "{$root}/docs/faults.md";
    $text = (string) file_get_contents($docs);
    $rows = [];
    foreach (['kills' => 'Hard kills', 'writers' => 'Writers at once', 'races' => 'Races', 'races-inside' => 'Races without a line between', 'disk' => 'Full disk', 'soak' => 'Eight devices over `--phone`', 'fuzz' => 'Made-up calls', 'fuzz-inside' => 'Made-up calls without a line between', 'guesses' => 'Guesses of the passphrase', 'slow-phone' => 'Slow senders, `--phone`', 'slow-plain' => 'Slow senders, plain `./start`', 'heavy' => 'Bodies made up to be slow', 'salvage' => 'Pages damaged at random', 'left-over' => 'Each process of `./start` killed', 'left-over-phone' => 'Each process of `--phone` killed', 'weeks' => 'A device that was away for weeks'] as $what => $name) {
        $found = is_file("{$root}/var/faults/{$what}.json") ? file_get_contents("{$root}/var/faults/{$what}.json") : false;
        $figures = $found === false ? null : json_decode($found, true);
        $there = preg_match('/^\| ' . preg_quote($name, '/') . ' *\|.*$/m', $text, $kept) === 1 ? $kept[0] : null;
        $long = is_array($figures) && ($figures['long'] ?? false) === true;
        if (is_array($figures) && is_string($figures['on'] ?? null) && ($long || $there === null || ! str_contains($there, 'in full'))) {
            $told = array_map(static fn(string $key, mixed $value): string => $key . ' ' . (is_int($value) ? number_format($value) : (is_scalar($value) ? (string) $value : '')), array_keys(array_diff_key($figures, ['long' => 0, 'on' => 0])), array_diff_key($figures, ['long' => 0, 'on' => 0]));
            $rows[] = sprintf('| %s | %s | %s | %s |', $name, $figures['on'], $long ? 'in full' : 'short', implode('; ', $told));
        } elseif ($there !== null) {
            // What was not run again is still what was measured then, and a short run is no better.
            $rows[] = $there;
        }
    }
    $table = "| What | Measured | Run | Figures |\n| --- | --- | --- | --- |\n" . implode("\n", $rows);
    file_put_contents($docs, preg_replace_callback('/(?<=<!-- figures -->\n).*(?=\n<!-- end of figures -->)/s', static fn(): string => "\n{$table}\n", $text));
    exec('npx prettier --write ' . escapeshellarg($docs) . ' 2>/dev/null');
})();
