<?php

declare(strict_types=1);

require __DIR__ . '/../vendor/autoload.php';

foreach (['storage/framework/cache/data', 'storage/framework/sessions', 'storage/framework/views', 'storage/logs'] as $folder) {
    // Two suites may start at the same moment: the folder may be there by the time it is made.
    if (! is_dir(__DIR__ . "/../var/test/{$folder}")) {
        @mkdir(__DIR__ . "/../var/test/{$folder}", 0o777, true);
    }
}
