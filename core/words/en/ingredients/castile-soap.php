<?php

declare(strict_types=1);

return [
    'name' => 'castile soap',
    'words' => [
        'castile',
        'castile soap',
        'liquid castile soap',
        'liquid castile',
        'soft soap',
        'potassium soap',
        'insecticidal soap',
        'green soap',
        'true soap',
        'pure castile soap',
        'castile liquid soap',
        'potash soap',
    ],
    'loose' => ['soap' => ['soap', 'liquid soap']],
];
