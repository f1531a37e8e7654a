<?php

declare(strict_types=1);

return [
    'name' => 'Fungus gnats',
    'matters' => 'Let the soil dry; most sprays do little.',
    'counted' => 'flies on two yellow cards after a day',
    'look' => 'Two yellow cards lying on the pot for a day.',
];
