<?php

declare(strict_types=1);

return [
    'name' => 'Spider mites',
    'matters' => 'No insects: insect-only products fail. Eggs lie in the grooves.',
    'counted' => 'specks on five papers, ten taps each',
    'look' => 'Five leaves from all heights, each tapped ten times over white paper; count what walks.',
];
