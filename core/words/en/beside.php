<?php

declare(strict_types=1);

/*
 * What helps beside a spray, in a sentence each: what it is, where it goes, what it asks. Common practice, no source.
 */
return [
    'yellow-cards' => 'Yellow sticky cards just above the leaves: they catch what flies, and show whether it grows less.',
    'blue-cards' => 'Blue sticky cards just above the leaves: they catch thrips that fly, and show whether they grow fewer.',
    'netting' => 'A fine net over the bed, closed all round, before they lay their eggs.',
    'slug-traps' => 'A damp board or half a melon rind on the soil, turned over each morning.',
    'bacillus' => 'Bacillus from a garden shop, the kind for this grub, by its label: it kills what eats it and spares the rest.',
    'nematodes' => 'Nematodes for the soil, watered in at dusk on warm, moist soil that is kept moist for two weeks.',
    'predatory-mites' => 'Predatory mites, shaken out where the mites are, over {18:warmth} in moist air. No oil, soap or neem for a week before.',
    'parasitic-wasps' => 'Parasitic wasps on cards among the leaves, over {18:warmth}; the yellow cards come off first.',
    'mealybug-ladybirds' => 'Ladybirds that eat mealybugs, over {20:warmth}, with the ants kept off and nothing sprayed.',
    'lacewing-grubs' => 'Lacewing grubs, shaken out among the aphids. Spray nothing while they eat.',
    'airing' => 'Air: more room between plants, a thinned middle, water on the soil in the morning.',
];
