<?php

declare(strict_types=1);

return [
    'name' => 'Salt burn',
    'matters' => 'Too much feed or hard water: rinse the pot through with soft water.',
];
