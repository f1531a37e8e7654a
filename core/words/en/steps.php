<?php

declare(strict_types=1);

/*
 * What to do, by code. {scoops}, {name} and {mL} are filled in by the wording.
 */
return [
    'protect' => 'Gloves and glasses on.',
    'old-rest' => 'Is there a rest of an old batch in the sprayer? Pour it out and rinse first: topped up over it, nobody knows what is in it.',
    'warm-neem' => 'Is the neem cloudy, gritty or colder than 18 °C? Stand its bottle in warm water until it is clear.',
    'stock-first' => '{stock} comes first, unless a jar of it is ready:',
    'stock-add' => 'Put {amount} of {of} into a jar with a lid.',
    'stock-shake' => 'Close the jar and shake it for a full minute.',
    'stock-blend' => 'Blend it for one minute until it is thick like mayonnaise.',
    'stock-label' => 'Label the jar: “{stock}”, what is in it, the date. It keeps {keeps}; shake it before each use.',
    'first-water' => 'Pour {roughly} ({water}) of body-warm water into the sprayer: half of it all.',
    'first-water-half' => 'Fill the sprayer to just under the half mark with body-warm water, {roughly} ({water}).',
    'part-fill' => 'Pour {roughly} ({water}) of water into the sprayer.',
    'add-tank' => 'Add {scoops} of {name} to the sprayer.',
    'add-jar' => 'Put {scoops} of {name} into a jar with a lid.',
    'add-cup' => 'Stir {scoops} of {name} into the cup.',
    'add-blender' => 'Put {scoops} of {name} into the blender. No water yet.',
    'top-up' => 'Top up with water to the {volume} mark, close it and turn it over a few times.',
    'shake-hard' => 'Close it and shake hard for a full minute, while there is room. Shake again every {again} while you spray.',
    'shake-jar' => 'Close the jar and shake it for a full minute.',
    'swirl' => 'Swirl until it is even.',
    'splash' => 'Add a splash of body-warm water, {roughly} ({water}), and whip or shake for a full minute until it is thick and milky, with no oil to be seen.',
    'let-down' => 'Pour the milky mix from the jar into the sprayer slowly, stirring all the while. Rinse the jar into it.',
    'cup-water' => 'Put {roughly} ({water}) of body-warm water into a cup.',
    'stir-cup' => 'Stir the cup hard for a full minute.',
    'pour-cup' => 'Pour the cup into the sprayer and rinse it into it.',
    'blend' => 'Blend for one minute until it is thick like mayonnaise.',
    'stir-milky' => 'Stir for 30 seconds until the water is milky.',
    'jar-water' => 'Put {roughly} ({water}) of water into a jar with a lid.',
    'add-swab-jar' => 'Add {scoops} of {name} to the jar.',
    'turn-jar' => 'Close the jar and turn it over a few times.',
    'open-water' => 'Put {roughly} ({water}) of water into an open jug or bucket.',
    'add-open' => 'Add {scoops} of {name} to it.',
    'open-top-up' => 'Top up with water to {volume}.',
    'stir-open' => 'Stir until it is even. It gives off gas: leave it open, and leave the sprayer unsealed.',
    'stand-test' => 'Fill a glass and let it stand one minute. A ring or beads of oil on top: a little more soap, mix again, look again.',
    'label' => 'Write on it what is in it and when you made it.',
    'label-stock' => 'Write on the jar what is in it and when you made it. Shake before each use.',
    'use-at-once' => 'Use it at once and keep nothing of it.',
    'wash-sprayer' => 'Afterwards: spray the rest on what may have it, or pour it on bare soil away from drains; wash the sprayer with warm soapy water.',
    'wash-can' => 'Afterwards: pour the rest on bare soil away from drains, and wash the can.',
    'keep-swab' => 'Afterwards: close the jar, and keep it away from flame and children.',
    // Steps of their own in older documents.
    'turn-over' => 'Close it and turn it over a few times.',
    'whip' => 'Whip or shake for a full minute until it is thick and milky, with no oil to be seen.',
];
