<?php

declare(strict_types=1);

/*
 * Words of a line that are neither units nor ingredients, by what they do there (cases of TokenKind). Common practice: how people
 * write down what goes in.
 */
return [
    'per' => ['per', 'each', 'every', 'for', 'for every', 'for each', 'in', 'into', 'to each', 'to every', 'to the', 'in each', 'in the', '/'],
    'to' => ['to'],
    'from' => ['from', 'at', 'out of', 'from a bottle of', 'in the bottle'],
    'percent' => ['%', 'percent', 'per cent', 'pct'],
    'by-volume' => ['v / v', 'by volume', 'vol'],
    'by-weight' => ['w / v'],
    'parts' => ['part', 'parts'],
    'equal' => ['equal parts', 'equal amounts', 'equal measures', 'equal quantities', 'half and half', 'fifty fifty', 'same amount'],
    'each-of' => ['each of', 'of each', 'apiece'],
    'water' => ['water', 'rainwater', 'tapwater', 'h2o'],
    'made-up-to' => [
        'made up to', 'make up to', 'to make up', 'make up', 'makes up', 'topped up to', 'top up to', 'topped to', 'top to', 'top with water to', 'topped with water to', 'topped up with water to', 'top up with water to',
        'fill up to', 'filled up to', 'fill to', 'filled to', 'fill it up to', 'top it up to', 'fill with water to', 'fill up with water to', 'filled with water to', 'made up with water to',
        'make up with water to', 'water to', 'water up to', 'up with water to', 'enough water to make', 'water to make', 'water to make up', 'to make', 'makes', 'make', 'makes about', 'yield', 'yields', 'bring up to', 'then up to',
        'top up', 'topped up', 'fill up', 'fill',
    ],
    'finished' => ['finished', 'finished spray', 'in total', 'in all', 'total', 'altogether', 'of spray'],
    'vessel' => ['spray bottle', 'bottle', 'sprayer', 'spray bottles', 'jug', 'bucket', 'tank', 'watering can', 'can', 'jar', 'container', 'pump sprayer', 'knapsack', 'mister'],
    'joint' => ['and', 'plus', '+', '&', ',', ';', 'with', 'then', 'and then', 'followed by', 'along with', 'together with', 'as well as', 'also'],
    'or' => ['or', '='],
    'open' => ['(', '[', '{'],
    'close' => [')', ']', '}'],
    'apart' => [':', '-', '.', '*', '|', '_', '>'],
    'share' => ['of the finished spray is', 'of the spray is', 'solution', 'solution of', 'strength'],
    // Of which kind it is: it changes nothing, and by itself says nothing of how much.
    'quality' => [
        'any', 'the', 'my', 'our', 'your', 'liquid', 'pure', 'warm', 'cold', 'soft', 'fresh', 'clean', 'plain', 'mild', 'gentle', 'unscented', 'organic', 'natural',
        'ordinary', 'regular', 'standard', 'household', 'raw', 'cold pressed', 'good quality', 'quality', 'light', 'unperfumed', 'optional',
        'hot', 'cool', 'lukewarm', 'luke warm', 'tepid', 'distilled', 'filtered', 'boiled', 'hand warm', 'body warm', 'room temperature', 'warmed', 'melted', 'fine',
    ],
    'filler' => [
        'of', 'about', 'approximately', 'approx', 'ca', 'circa', '@', 'roughly', 'around', 'level', 'levelled', 'add', '~', '≈', 'please', 'some of the', 'some of',
        'mix', 'mix in', 'mix together', 'mixed', 'mixed in', 'mixed with', 'stir', 'stir in', 'stirred in', 'shake', 'shake well', 'shake it', 'shake in', 'shake hard', 'combine', 'pour', 'pour in', 'put', 'put in', 'use', 'take', 'dissolve', 'dissolved', 'dissolved in', 'blend', 'blend in',
        'whisk', 'whisk in', 'drop in', 'together', 'well', 'measure', 'measure out', 'you need', 'you will need', 'we use', 'i use', 'add in', 'next', 'first', 'finally', 'lastly', 'now', 'let down', 'let down with', 'diluted', 'diluted in', 'dilute', 'dilute in', 'dilute with', 'diluted with',
        'rain', 'tap', 'still', 'slightly', 'very',
        'exactly', 'just', 'only', 'worth of', 'full', 'full of', 'a total of', 'another', 'extra', 'more',
        'x', '!', '"', '…', "'", '#', '?',
    ],
    // These carry how full a spoon is: see the sizes below.
    'size' => ['heaped', 'heaping', 'rounded', 'scant', 'generous', 'good', 'big', 'large', 'small', 'little', 'decent', 'hefty', 'tiny', 'short'],
];
