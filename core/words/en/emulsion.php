<?php

declare(strict_types=1);

return [
    'unknown-figure.not-listed' => 'The emulsion model has no figure “{name}”.',
    'water-at.temperature-of-water' => 'The temperature of the water',
    'glass-reading.time' => 'The time',
    'glass-reading.height' => 'The height',
    'glass-reading.oil' => 'The share of oil',
];
