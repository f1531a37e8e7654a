<?php

declare(strict_types=1);

/*
 * What was known of rounds, said of those on one side and of those on the other.
 */
return [
    'hand-work' => ['with pruning, wiping or a water jet the same day', 'without'],
    'stand-test' => ['where the glass stayed even', 'where oil came out of it'],
    'hardness' => ['mixed in hard water', 'in softer water'],
    'order' => ['with oil and emulsifier first', 'mixed in another order'],
    'hour' => ['sprayed in the morning or the evening', 'in the middle of the day'],
    'warmth' => ['on warm hours', 'on cooler ones'],
    'strength' => ['measured as planned', 'measured otherwise'],
    'cover' => ['with half a litre a plant and more', 'with less'],
];
