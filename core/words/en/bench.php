<?php

declare(strict_types=1);

return [
    'bench-reader.shipped-recipe' => 'shipped recipe',
    'bench-reader.volume-to-make' => 'A volume to make',
    'bench-reader.plant-tolerance-class' => 'plant tolerance class',
    'bench-reader.way-of-working-mix' => 'way of working a mix',
    'bench-reader.measures-are-in-request-already' => 'The measures are in the request already: say them once, with names here or without them there.',
    'bench-reader.every-line-can-be-multiplied' => 'Every line can be multiplied by 0.001 to 1,000, found {found}.',
    'bench-reader.expected-number-from-0-05' => 'Expected a number from 0.05 to 20 for the hand that mixes, found {found}.',
    'circumstances-reader.air-of-garden-between-40' => 'The air of a garden is between -40 and 60 °C, found {found}.',
    'water-reader.unit-here' => 'unit here',
    'water-reader.water-has-hardness-of-0' => 'Water has a hardness of 0 to {hardest} mg/L (sea water about 6,600), found {found}.',
    'water-reader.water-liquid-from-0-to' => 'Water is liquid from 0 to 100 °C (32 to 212 °F), found {found}.',
];
