<?php

declare(strict_types=1);

/*
 * Why a spray that fits is none of the three. {first} is the one of them that works in the same way.
 */
return [
    'missing' => 'Something for it is not in the house: {what}.',
    'not-held' => 'The oil is not held in this water.',
    'too-weak' => 'Too weak against this, made as it is written.',
    'oil-again' => 'Oil was on this plant lately: something without oil goes first.',
    'soap-on-copper' => 'Copper was on this plant lately: something that works without soap goes first.',
    'failed-here' => 'It did not work in your own rounds.',
    'same-way' => 'It works as {first} does, which is the better of the two here.',
    'behind' => 'Three others go first here.',
];
