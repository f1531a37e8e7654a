<?php

declare(strict_types=1);

/*
 * Days from one way of working to another where practice names them; 0 leaves it to the pace of the second. Common practice, no source.
 */
return [
    'peroxide>soda' => 3,
    'peroxide>soda-with-oil' => 3,
    'soda>peroxide' => 0,
    'soda-with-oil>peroxide' => 0,
    'soda>systemic-neem' => 3,
    'soda-with-oil>systemic-neem' => 3,
    'systemic-neem>peroxide' => 0,
    'systemic-neem>soda' => 0,
];
