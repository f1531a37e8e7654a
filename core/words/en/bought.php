<?php

declare(strict_types=1);

/*
 * What a round was done with that nobody mixed.
 */
return [
    'spray' => 'Bought spray',
    'dust' => 'Dust',
    'insects' => 'Insects set out',
];
