<?php

declare(strict_types=1);

return [
    'name' => 'Overwintering eggs',
    'matters' => 'Winter oil on dry, bare wood.',
    'counted' => 'egg clusters on five twigs',
    'look' => 'Five twigs, a hand long each, around the buds.',
];
