<?php

declare(strict_types=1);

/*
 * What to do, by code. {scoops}, {name} and {mL} are filled in by the wording.
 */
return [
    'first-water' => 'Pour {water} of lukewarm water into the sprayer. Leave the rest for later.',
    'part-fill' => 'Pour {water} of water into the sprayer.',
    'add-tank' => 'Add {scoops} of {name} to the sprayer.',
    'add-jar' => 'Put {scoops} of {name} into a jar with a lid.',
    'add-cup' => 'Stir {scoops} of {name} into the cup.',
    'add-blender' => 'Put {scoops} of {name} into the blender. No water yet.',
    'top-up' => 'Top up with water to the {volume} mark.',
    'shake-hard' => 'Close it and shake hard for a full minute. Shake again every {again} while you spray.',
    'shake-gently' => 'Close it and turn it over a few times until everything is mixed.',
    'shake-jar' => 'Close the jar and shake it for a full minute.',
    'swirl' => 'Swirl until it is even.',
    'splash' => 'Add a splash of lukewarm water, about {water}.',
    'whip' => 'Whip or shake for a full minute until it is thick and milky, with no oil to be seen.',
    'let-down' => 'Pour the milky mix from the jar into the sprayer slowly, stirring all the while. Rinse the jar into it.',
    'cup-water' => 'Put {water} of lukewarm water into a cup.',
    'stir-cup' => 'Stir the cup hard for a full minute.',
    'pour-cup' => 'Pour the cup into the sprayer and rinse it into it.',
    'blend' => 'Blend for one minute until it is thick like mayonnaise.',
    'stir-milky' => 'Stir for 30 seconds until the water is milky.',
    'stand-test' => 'Fill a glass and let it stand one minute. A ring or beads of oil on top: a little more soap, mix again, look again.',
    'label' => 'Write on the sprayer what is in it and when you made it.',
    'label-stock' => 'Write on the jar what is in it and when you made it. Shake before each use.',
];
