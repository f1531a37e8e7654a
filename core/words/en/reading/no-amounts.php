<?php

declare(strict_types=1);

/*
 * Words that name a thing and leave open how much of it: before the thing, and behind it; and what only says of which kind it is. Common
 * practice, no source.
 */
return [
    'before' => ['some', 'enough', 'a bit of', 'a little bit of', 'a small amount of', 'a bit'],
    'of-its-kind' => [
        'any', 'the', 'my', 'our', 'your', 'liquid', 'pure', 'warm', 'cold', 'soft', 'fresh', 'clean', 'plain', 'mild', 'gentle', 'unscented', 'organic', 'natural', 'ordinary', 'regular', 'standard', 'household', 'raw',
        'cold pressed', 'good quality', 'quality', 'light', 'unperfumed', 'optional',
    ],
    'behind' => ['as needed', 'as required', 'as you like', 'to taste', 'to suit'],
];
