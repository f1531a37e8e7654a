<?php

declare(strict_types=1);

return [
    'name' => 'Caterpillars',
    'matters' => 'These sprays do little: pick them off.',
    'counted' => 'caterpillars on five plants',
    'look' => 'Five plants, or five branches of one, at dusk.',
];
