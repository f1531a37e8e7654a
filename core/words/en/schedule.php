<?php

declare(strict_types=1);

/*
 * The days that a gardener has.
 */
return [
    'free-days.no-weekday' => '{found} is no weekday: 1 is Monday, 7 is Sunday.',
    'free-days.back-before-going' => 'One goes on {from} and cannot be back before that, on {until}.',
    'free-days.weekdays' => 'weekdays',
    'free-days.times-away' => 'times away',
];
