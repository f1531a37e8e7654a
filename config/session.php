<?php

declare(strict_types=1);

// A session exists only for whoever came in with the passphrase from another machine.
return [
    'driver' => 'file',
    'lifetime' => 60 * 24 * 14,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'lottery' => [2, 100],
    'cookie' => 'idle_mixer',
    'path' => '/',
    'domain' => null,
    // Over plain HTTP a secure cookie would never come back: what comes encrypted gets one.
    'secure' => false,
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
];
