<?php

declare(strict_types=1);

$said = env('MIXER_DATA');
$data = is_string($said) && $said !== '' ? $said : base_path('var/data');

return [
    // The folder of the notebook, its copies, the log and the passphrase.
    'data' => $data,

    // For tests of the real interface, which must wait days: a file with the seconds by which the clock is ahead.
    'clock_file' => env('MIXER_CLOCK_FILE'),

    // The hash of the passphrase that lets other machines in; no file, no way in.
    'passphrase_file' => $data . '/passphrase',
];
