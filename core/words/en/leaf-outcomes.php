<?php

declare(strict_types=1);

/*
 * What a leaf test says, by outcome. Common practice: most wait 48 hours, some 24. The lines of 1 and 5 % of a leaf are our own.
 */
return [
    'waiting' => 'Wait: {left} to go. Some injury shows only after a day or two (common practice, no source).',
    'look-now' => 'The wait is over: look at the leaves now and say how they are.',
    'look-again' => 'Measured, but so unsurely that it may be either: look again tomorrow, or judge it by eye.',
    'says-nothing-beside-hurt' => 'It says nothing: the leaf beside, which got no spray, is hurt as well ({beside} % of it; up to {hurt} % is taken off, our own limit). Sun, pests or handling did that. Test again on a healthy plant.',
    'says-nothing-too-few' => 'It says nothing: fewer than {fewest} sprayed leaves are left to look at. Test again on others.',
    'go-ahead' => 'Go: none of {leaves} sprayed leaves is hurt more than {clean} % (our own limit) after the full wait. So few cannot rule out that {share} may burn (95 % sure), so start with one branch, and look after three days.',
    'go-weaker' => 'Go weaker: the full strength marked the leaves ({most} % of the worst), {rung} of it did not (over {clean} % counts, our own limit). Mix it at {rung}; {leaves} clean leaves cannot rule out that {share} may burn (95 % sure).',
    'weaken' => 'Slightly marked: {most} % of the worst leaf (over {clean} % counts, our own limit). Too strong for this leaf, or mixed wrong: test half strength before you spray.',
    'refuse' => '{most} % of the worst leaf is hurt (over {slight} % forbids it, our own limit; so does a leaf that hangs, is soaked through or fell). Do not spray this, or anything stronger of it, on this kind of plant. Test half strength, or choose another.',
];
