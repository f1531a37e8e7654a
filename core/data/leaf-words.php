<?php

declare(strict_types=1);

/*
 * What a leaf test says, by outcome. Common practice: most wait 48 hours, some 24.
 */
return [
    'waiting' => 'Wait: {left} to go. Some injury shows only after a day or two (common practice, no source).',
    'look-now' => 'The wait is over: look at the leaves now and say how they are.',
    'go-ahead' => 'Clean after the full wait: go ahead and spray the plant.',
    'weaken' => 'Slightly marked: too strong for this leaf, or mixed wrong. Weaken it or remake it, and test again.',
    'refuse' => 'Marked: do not spray this, or anything stronger of it, on this kind of plant. Weaken it to half and test again, or choose another.',
];
