<?php

declare(strict_types=1);

return [
    'name' => 'Broad mites',
    'matters' => 'Too small to be seen by eye: cut out the twisted tips, oil on the rest.',
    'counted' => 'percent twisted, added up over the newest ten tips',
    'look' => 'The ten newest tips. How much of each is twisted.',
];
