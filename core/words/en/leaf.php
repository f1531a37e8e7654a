<?php

declare(strict_types=1);

return [
    'burn-cause.sun' => 'sun or lamp on wet leaves',
    'burn-cause.hot' => 'a hot hour',
    'burn-cause.stronger' => 'stronger than planned, or oil on top',
    'burn-cause.soon' => 'sprayed again too soon',
    'burn-cause.dry' => 'the plant was dry at the root',
    'burn-cause.runoff' => 'it stood in drops or ran together',
    'injury-kind.edge-burn' => 'burnt edge',
    'injury-kind.greasy-shine' => 'greasy shine',
    'leaf-shape.lance' => 'long and narrow',
    'leaf-shape.lobed' => 'lobed like a hand',
    'leaf-shape.compound' => 'several leaflets',
    'meanwhile-weather.sunny' => 'strong sun',
    'meanwhile-weather.hot' => 'hot, over {32:warmth}',
    'meanwhile-weather.rain' => 'rain on the leaves',
    'meanwhile-weather.cold' => 'cold, under {10:warmth}',
    'reading-reader.say-of-each-leaf-of' => 'Say of each leaf of this test, once, how it looks: leaves {asked}.',
    'reading-reader.share-of-leaf-lies-between' => 'The share of a leaf lies between its low and its high; {found} does not.',
    'reading-reader.kind-of-injury' => 'kind of injury',
    'reading-reader.place-on-drawn-leaf-number' => 'A place on the drawn leaf is a number from 0 to 1, found {found}.',
    'reading-reader.share-percent-of-leaf-0' => 'A share is a percent of the leaf, 0 to 100; found {found}.',
    'first-aid.rinse' => 'Rinse it with plain water today, unless the spray has dried: what is dry stays.',
    'first-aid.shade' => 'Take it out of the sun, or shade it; no lamp on it.',
    'first-aid.photograph' => 'Photograph the worst leaves: marks on edges and where drops hung speak for the spray, marks on new growth do not.',
    'first-aid.nothing-else' => 'Nothing else on it for {days} days, and no feed.',
    'first-aid.do-not-cut' => 'Cut nothing off before new growth shows: a hurt leaf still feeds it.',
    'first-aid.look-again' => 'Look again on day 3 and day 7.',
];
