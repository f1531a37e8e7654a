<?php

declare(strict_types=1);

/*
 * Where what is left may go, by what is in it. All of it common practice.
 */
return [
    'always' => 'Best on another plant that bears it, or on bare soil away from drains, ponds and wells; never into a drain, gutter or drink bottle.',
    'oily' => 'Oil and neem harm fish: not where it runs to water.',
    'soda' => 'Soda salts the soil: thinly, and not twice on one spot.',
    'alcohol' => 'It burns: no flame near, and let it air outdoors.',
    'peroxide' => 'It gives off gas: leave it open, and keep nothing of it.',
];
