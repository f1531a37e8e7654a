<?php

declare(strict_types=1);

/*
 * What a sprayer remembers, by finding; {last} is what was in it. All of it common practice.
 */
return [
    'weed-killer/brief' => 'Weed killer was in it: never again',
    'rest/brief' => 'A rest of {last} is in it',
    'unwashed/brief' => '{last} was in it, unwashed',
    'weed-killer' => 'Weed killer was in it once: never again for this. Traces kill leaves. Take another sprayer.',
    'rest' => 'A rest of {last} is still in it. What is topped up over it is unknown: empty and wash it first.',
    'unwashed' => '{last} was in it last, and nobody washed it. Wash it first: warm soapy water, through the nozzle as well.',
];
