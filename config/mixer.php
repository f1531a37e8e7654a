<?php

declare(strict_types=1);

return [
    // The hash of the passphrase that lets other machines in; no file, no way in.
    'passphrase_file' => (env('MIXER_DATA') ?? base_path('var/data')) . '/passphrase',
];
