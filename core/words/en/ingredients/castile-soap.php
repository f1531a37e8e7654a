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
        'peppermint castile soap',
        'peppermint castile',
        'lavender castile soap',
        'lavender castile',
        'baby mild castile soap',
        'baby mild castile',
        'unscented castile soap',
        'almond castile soap',
        'citrus castile soap',
        'rose castile soap',
        'tea tree castile soap',
        'eucalyptus castile soap',
        'olive oil soap',
        'olive soap',
        'liquid olive soap',
        'liquid black soap',
        'liquid potassium soap',
    ],
    'loose' => ['soap' => ['soap', 'liquid soap']],
];
