<?php

declare(strict_types=1);

return [
    'opened' => 'First sight',
    'round' => 'Sprayed',
    'count' => 'Counted',
    'untreated' => 'Left alone',
    'burn' => 'Burn',
    'rain' => 'Rain',
    'picture' => 'Picture',
    'closed' => 'Closed',
];
