<?php

declare(strict_types=1);

/*
 * Ways of working that are the same thing in another form: one of them is no turn for another. What is not named is a family of its own.
 * Common practice, no source.
 */
return [
    'weak-alcohol' => 'alcohol',
    'detergent' => 'soap',
    'egg-oil' => 'oil',
    'winter-oil' => 'oil',
    'soda-with-oil' => 'soda',
    'systemic-neem' => 'neem',
    'drench' => 'neem',
];
