<?php

declare(strict_types=1);

/*
 * How people say an amount that is no plain number: the whole of it, a count that was lost.
 */
return [
    'all-of-it' => ['full', 'all', 'all of it', 'the whole', 'whole', 'the lot'],
    'of-it' => '/ of (?:it|that|the whole)\z/',
    'nobody-knows' => '/\A(?:(?:i )?do(?: not|n[\'’]?t) know|no idea|not sure|unknown|lost count|\?+)\z/u',
    'loosely' => '/\A(?:about|around|roughly|maybe|perhaps|some|approx(?:imately)?|~)\s*/u',
    'too-many' => '/\s*(?:spoons?|spoonfuls?|scoops?|times)?\s*(?:too many|too much|more|over|extra)\z/u',
    'too-few' => '/\s*(?:spoons?|spoonfuls?|scoops?|times)?\s*(?:too few|too little|less|fewer|short|missing)\z/u',
    'none' => ['none', 'nothing', 'zero', '0'],
    'twice' => ['twice', 'double', 'twice as many', 'twice as much'],
    'half' => ['half of it'],
    'measures' => '/\s*(?:spoons?|spoonfuls?|scoops?|times|of them)\z/u',
];
