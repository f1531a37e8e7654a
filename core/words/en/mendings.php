<?php

declare(strict_types=1);

/*
 * What is done at the bench so that less is wrong with a spray, as a button says it.
 */
return [
    'low-end' => 'Take the low end of the range',
    'half-strength' => 'Make it half as strong',
    'half-of' => 'Half as much {what}',
    'weaken' => 'Weaken it to {percent} {unit} {what}',
    'more' => 'Put in {scoop} of {what}',
    'soft-water' => 'Take rain water',
    'emulsifier-first' => 'Whip oil and soap first',
    'volume' => 'Make {volume}: it measures true',
    'days' => 'Leave {days} days between',
];
