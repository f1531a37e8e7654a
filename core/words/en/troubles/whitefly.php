<?php

declare(strict_types=1);

return [
    'name' => 'Whitefly',
    'matters' => 'Only what is wetted dies: undersides, and repeat.',
    'counted' => 'nymphs under ten leaves (flies are only a hint)',
    'look' => 'Under ten leaves of the middle third. Nymphs count; flies are only a hint.',
    'look_stages' => ['nymphs' => 'nymphs', 'flies' => 'flies'],
];
