<?php

declare(strict_types=1);

/*
 * What a round was done with that nobody mixed.
 */
return [
    'spray' => 'Bought spray',
    'dust' => 'Dust',
    'insects' => 'Insects set out',
    'as-label-says' => 'Bought: its own label says how much, how often, and how long to wait before picking.',
    'keep-them' => 'Set out alive: spray nothing on these leaves for two weeks.',
];
