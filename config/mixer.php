<?php

declare(strict_types=1);

$said = env('MIXER_DATA');
$data = is_string($said) && $said !== '' ? $said : base_path('var/data');

return [
    // The hash of the passphrase that lets other machines in; no file, no way in.
    'passphrase_file' => $data . '/passphrase',
];
