<?php

declare(strict_types=1);

/*
 * Shares of leaves as people say them, by the most percent that each covers: the next one above is said.
 */
return [
    1 => 'one leaf in a hundred',
    2 => 'one leaf in fifty',
    5 => 'one leaf in twenty',
    10 => 'one leaf in ten',
    15 => 'one leaf in seven',
    20 => 'one leaf in five',
    25 => 'one leaf in four',
    34 => 'one leaf in three',
    40 => 'two leaves in five',
    50 => 'every other leaf',
    60 => 'three leaves in five',
    67 => 'two leaves in three',
    75 => 'three leaves in four',
    80 => 'four leaves in five',
    90 => 'nine leaves in ten',
    100 => 'every leaf',
];
