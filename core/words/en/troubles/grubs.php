<?php

declare(strict_types=1);

return [
    'name' => 'Grubs and wireworm',
    'matters' => 'A drench before planting; not with plants in the bed.',
    'counted' => 'grubs in five spades of soil',
    'look' => 'Five spades of soil, a hand deep, crumbled on a sheet.',
];
