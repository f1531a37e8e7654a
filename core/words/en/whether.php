<?php

declare(strict_types=1);

/*
 * Whether to spray at all, in a sentence or two: what to do first, then why. {trouble}, {plant}, {days} and {enemies} are filled in.
 */
return [
    'many' => 'Spray. {trouble} are easily found now: knock them back by hand first.',
    'heavy' => 'Spray. {trouble} are everywhere: cut out what is beyond help, knock back the rest, then spray.',
    'crowded' => 'Act today, few as they are: {trouble} walk over to the plants beside this one.',
    'warm' => 'Act today, few as they are: in this heat {trouble} double within days.',
    'first-spots' => 'Spray, after the spotted leaves are stripped: a spray keeps clean leaves clean and heals none.',
    'few' => 'No spray yet. Wash, wipe or pick off the few there are, and look again in {days}.',
    'enemies' => 'No spray yet. {enemies} are at work here: rinse with plain water at most, and look again in {days}.',
    'picked' => 'No spray now. Pick what is ripe and rinse it, then look again in {days}.',
    'dry' => 'Water first. It is dry at the root, and any spray would burn it today.',
    'none-works' => 'No spray does it. What helps is below; look again in {days}.',
    'none-now' => 'No spray now: what works may not go on {plant} as it stands. Look again in {days}.',
    'winter' => 'Wait for bare wood: nothing works on this in leaf.',
];
