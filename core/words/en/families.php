<?php

declare(strict_types=1);

/*
 * What families of sprays are called.
 */
return [
    'neem' => 'Neem',
    'soda-with-oil' => 'Soda with oil',
    'soda' => 'Soda',
    'egg-oil' => 'Egg and oil',
    'oil' => 'Oil',
    'alcohol' => 'Alcohol',
    'peroxide' => 'Peroxide',
    'essential' => 'Essential oil',
    'soap' => 'Soap',
    'detergent' => 'Detergent',
    'unknown' => 'Nobody knows what went in',
];
