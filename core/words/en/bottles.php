<?php

declare(strict_types=1);

/*
 * Where what is mixed stands, how it is gone, and the one thing that comes next with it: the same words on every screen. Then what
 * happened to it, line by line.
 */
return [
    'planned' => 'Not begun',
    'planned/load' => 'Load {load} of {loads} is not begun',
    'mixing' => 'Being mixed',
    'mixing/load' => 'Load {load} of {loads} is being mixed',
    'mixed' => 'Mixed',
    'standing' => 'Stands ready',
    'in-the-sprayer' => 'In the sprayer',
    'rest' => 'A rest is left',
    'sprayed' => 'All sprayed',
    'poured-off' => 'Poured away',
    'too-old' => 'Kept too long; whether it was sprayed, nobody said',
    'rest-too-old' => 'A rest, kept too long',
    'act/start-mixing' => 'Start mixing',
    'act/go-on' => 'Go on mixing',
    'act/go-on/spoon' => 'Go on mixing: {name}, spoonful {number} of {of}',
    'act/stand-test' => 'Let a glass of it stand for a minute',
    'act/mend' => 'Do what its glass says',
    'act/leaf-test' => 'Test it on leaves',
    'act/leaf-test/plant' => 'Test it on leaves of {plant}',
    'act/look-at-leaves' => 'Look at the test leaves',
    'act/wait' => 'Wait',
    'act/hold' => 'Not as it is',
    'act/hold/plant' => 'Not on {plant}',
    'act/spray' => 'Spray it',
    'act/go-on-spraying' => 'Go on spraying',
    'act/next-load' => 'Mix load {load} of {loads}',
    'act/pour-from' => 'Pour from it',
    'act/use-rest' => 'Use the rest, or pour it away',
    'act/pour-off' => 'Pour it away',
    'act/nothing' => '',
    'line/added' => 'Added: {what}',
    'line/spilled' => 'Spilled: {percent} % of it',
    'line/poured-on' => 'Filled up as another batch: {percent} % of it',
    'line/thinned' => 'Thinned with {what}',
    'line/thinned/mark' => 'Filled up to the mark with water',
    'line/swapped' => '{what} in place of {item}',
    'line/over-a-rest' => 'Filled onto a rest of {what}',
];
