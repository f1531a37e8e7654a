<?php

declare(strict_types=1);

/*
 * What a leaf test says, by outcome. Common practice: most wait 48 hours, some 24. The lines of 1 and 5 % of a leaf are our own.
 */
return [
    'waiting' => 'Wait: {left} to go. Some harm shows only after a day or two.',
    'look-now' => 'The wait is over: look at the leaves now and say how they are.',
    'look-again' => 'It was measured, but not clearly. Look again tomorrow, or judge it by eye.',
    'says-nothing-beside-hurt' => 'It says nothing: {beside} % of the leaf without spray is hurt too, where {hurt} % is the most. Test again on a healthy plant.',
    'says-nothing-too-few' => 'It says nothing: fewer than {fewest} sprayed leaves are left. Test again on others.',
    'go-ahead' => 'Go: none of {leaves} leaves is hurt over {clean} %. Still {share} may burn: start with one branch, and look after three days.',
    'go-weaker' => 'Go weaker: at full strength {most} % was hurt, over {clean} %. At {rung} none of {leaves} leaves was, though {share} may burn.',
    'weaken' => 'Slightly marked: {most} % of the worst leaf, over {clean} %. Test half strength before you spray.',
    'refuse' => '{most} % of the worst leaf is hurt, where {slight} % is the most, or it hangs or fell. Test half strength, or choose another.',
];
