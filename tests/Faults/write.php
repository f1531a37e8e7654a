<?php

declare(strict_types=1);

/*
 * Writes the figures of the last long run of the tests of faults into docs/faults.md.
 */
(static function (): void {
    $root = dirname(__DIR__, 2);
    $rows = [];
    foreach (['kills' => 'Hard kills', 'writers' => 'Writers at once', 'races' => 'Races', 'disk' => 'Full disk', 'soak' => 'Eight devices over `--phone`', 'fuzz' => 'Made-up calls', 'guesses' => 'Guesses of the passphrase'] as $what => $name) {
        $text = is_file("{$root}/var/faults/{$what}.json") ? file_get_contents("{$root}/var/faults/{$what}.json") : false;
        $figures = $text === false ? null : json_decode($text, true);
        if (is_array($figures)) {
            $told = array_map(static fn(string $key, mixed $value): string => $key . ' ' . (is_int($value) ? number_format($value) : (is_scalar($value) ? (string) $value : '')), array_keys(array_diff_key($figures, ['long' => 0, 'on' => 0])), array_diff_key($figures, ['long' => 0, 'on' => 0]));
            $rows[] = sprintf('| %s | %s | %s |', $name, ($figures['long'] ?? false) === true ? 'in full' : 'short', implode('; ', $told));
        }
    }
    $file = "{$root}/docs/faults.md";
    $table = 'Measured ' . date('Y-m-d') . ":\n\n| What | Run | Figures |\n| --- | --- | --- |\n" . implode("\n", $rows);
    file_put_contents($file, preg_replace('/(<!-- figures -->\n).*(\n<!-- end of figures -->)/s', "$1\n{$table}\n$2", (string) file_get_contents($file)));
    exec('npx prettier --write ' . escapeshellarg($file) . ' 2>/dev/null');
})();
