<?php

declare(strict_types=1);

/*
 * Put before one test file: writes down which lines of the product it runs.
 */
$into = (string) getenv('MUTANTS_COVER');
\pcov\start();
register_shutdown_function(static function () use ($into): void {
    \pcov\stop();
    $lines = [];
    foreach (\pcov\collect(\pcov\all) as $file => $hits) {
        $lines[(string) $file] = array_keys(array_filter((array) $hits, static fn(mixed $hit): bool => is_int($hit) && $hit > 0));
    }
    file_put_contents($into, json_encode($lines, \JSON_THROW_ON_ERROR));
});
