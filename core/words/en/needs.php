<?php

declare(strict_types=1);

/*
 * What an amount to make was reckoned from.
 */
return [
    'plants' => '{count} × {size}, {each} each (our own figure)',
    'last' => '{used} did {plants} {plant-word} last time; now {now}',
    'trial' => '{used} of plain water did {plants} {plant-word}; now {now}',
    'bed' => 'a bed of {length} by {width} {long}, wetted {depth} {short} deep: soil this dry takes up {share} % of its volume (our own figure)',
    'pots' => '{count} {pot-word} of {holds}: soil this dry takes up {share} % of its volume (our own figure)',
    'left-behind' => '{left} that stay in the sprayer',
    'reach' => 'What is left of {name} makes {finished} at the most. It runs out first.',
    'reach-enough' => 'It is enough: what is left of {name}, which runs out first, would make {finished}.',
    'reach-nothing' => 'Nothing of that is in this spray.',
];
