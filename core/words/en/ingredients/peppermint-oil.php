<?php

declare(strict_types=1);

return [
    'name' => 'peppermint oil',
    'words' => [
        'peppermint',
        'peppermint oil',
        'peppermint essential oil',
        'mint oil',
        'oil of peppermint',
        'essential oil of peppermint',
        'essential peppermint oil',
    ],
];
