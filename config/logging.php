<?php

declare(strict_types=1);

return [
    'default' => 'single',
    'channels' => [
        'single' => ['driver' => 'monolog', 'handler' => App\Notebook\BoundedLog::class, 'with' => ['stream' => storage_path('logs/mixer.log')], 'level' => 'warning'],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
        'emergency' => ['path' => storage_path('logs/mixer.log')],
    ],
];
