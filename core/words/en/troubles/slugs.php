<?php

declare(strict_types=1);

return [
    'name' => 'Slugs and snails',
    'matters' => 'These sprays do nothing: pick them off at dusk.',
    'counted' => 'slugs and snails at dusk',
    'look' => 'Under five boards or leaves laid out the evening before, at dusk.',
];
