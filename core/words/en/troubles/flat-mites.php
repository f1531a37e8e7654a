<?php

declare(strict_types=1);

return [
    'name' => 'Flat mites',
    'matters' => 'Make no web and shrug off water.',
    'counted' => 'specks on five papers, ten taps each',
    'look' => 'Five leaves from all heights, each tapped ten times over white paper; count what walks.',
];
