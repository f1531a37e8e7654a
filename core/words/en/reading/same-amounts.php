<?php

declare(strict_types=1);

/*
 * How people say that there is as much of a thing as of the one in the line above, or half of that, or twice it: the times, by words.
 * Common practice, no source.
 */
return [
    'the same amount of' => 1.0,
    'the same amount' => 1.0,
    'same amount of' => 1.0,
    'the same of' => 1.0,
    'an equal amount of' => 1.0,
    'equal amount of' => 1.0,
    'an equal part of' => 1.0,
    'an equal part' => 1.0,
    'equal part of' => 1.0,
    'an equal measure of' => 1.0,
    'as much' => 1.0,
    'just as much' => 1.0,
    'half as much' => 0.5,
    'half the amount of' => 0.5,
    'half that of' => 0.5,
    'half of that of' => 0.5,
    'twice as much' => 2.0,
    'twice the amount of' => 2.0,
    'twice that of' => 2.0,
    'double the amount of' => 2.0,
];
