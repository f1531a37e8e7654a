<?php

declare(strict_types=1);

/*
 * Rounds of one thing that a plant has in a season at most: labels of bought products as they usually have it, from memory.
 */
return [
    'oil' => ['most' => 8, 'source' => 'labels'],
    'neem' => ['most' => 8, 'source' => 'labels'],
    'soap' => ['most' => 12, 'source' => 'labels'],
    'alcohol' => ['most' => 8, 'source' => 'labels'],
    'soda' => ['most' => 10, 'source' => 'labels'],
    'winter-oil' => ['most' => 2, 'source' => 'labels'],
];
