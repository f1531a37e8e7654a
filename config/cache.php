<?php

declare(strict_types=1);

return [
    'default' => env('MIXER_CACHE', 'file'),
    'stores' => [
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache/data'), 'lock_path' => storage_path('framework/cache/data')],
        // What screens opened on, for a minute; emptied at each start.
        'answers' => ['driver' => 'file', 'path' => storage_path('framework/cache/answers'), 'lock_path' => storage_path('framework/cache/answers')],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'mixer-',
];
