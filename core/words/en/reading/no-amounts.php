<?php

declare(strict_types=1);

/*
 * Words that name a thing and leave open how much of it: before the thing, and behind it. Common practice, no source.
 */
return [
    'before' => ['some', 'enough', 'a bit of', 'a little bit of', 'a small amount of', 'a bit'],
    'behind' => ['as needed', 'as required', 'as you like', 'to taste', 'to suit'],
];
