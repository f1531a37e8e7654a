<?php

declare(strict_types=1);

return [
    'name' => 'Thrips',
    'matters' => 'Hide in folds and flowers: repeat.',
    'counted' => 'thrips on five papers, ten taps each',
    'look' => 'Five flowers or tips, each tapped ten times over white paper.',
];
