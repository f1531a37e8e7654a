<?php

declare(strict_types=1);

$said = env('MIXER_DATA');
$data = is_string($said) && $said !== '' ? $said : base_path('var/data');

return [
    // A notebook that several machines share: docs/shared.md.
    'default' => env('MIXER_CONNECTION', 'sqlite'),
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('MIXER_DATABASE', $data . '/notebook.sqlite'),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 5000,
            // Who writes takes turns by this file.
            'turn' => env('MIXER_DATABASE') === null ? $data . '/serve/turn' : '',
            'journal_mode' => 'wal',
            // What was answered as saved survives a power cut.
            'synchronous' => 'full',
            // A connection that stays open keeps the write-ahead log open, which is what makes it fast.
            'options' => [PDO::ATTR_PERSISTENT => (bool) env('MIXER_PERSISTENT', true)],
        ],
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('MIXER_PG_HOST', '/run/postgresql'),
            'port' => env('MIXER_PG_PORT', '5432'),
            'database' => env('MIXER_PG_DATABASE', 'idle_mixer'),
            'username' => env('MIXER_PG_USER', 'idle_mixer'),
            'password' => env('MIXER_PG_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'prefix_indexes' => true,
            'search_path' => 'public',
            'sslmode' => 'prefer',
            'timezone' => 'UTC',
            'options' => [PDO::ATTR_PERSISTENT => (bool) env('MIXER_PERSISTENT', true)],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
