<?php

declare(strict_types=1);

return [
    'said-count.say-how-many-went-in' => 'Say how many went in, like “4”, “2½”, “about 5”, “two too many” or “do not know”; found {found}.',
    'slip-reader.water-in-sprayer' => 'Water in a sprayer',
    'slip-reader.thing-in-this-load' => 'thing in this load',
    'slip-reader.at-most-things-can-be' => 'At most {most-unsure} things can be unsure at once. Pour it away and start again.',
    'slip-reader.most-can-be-may-not' => 'The most it can be may not be below the least ({from}), found {found}.',
];
