<?php

declare(strict_types=1);

/*
 * What to do, to look once more.
 */
return [
    'tap-on-paper' => 'Tap a leaf over white paper and watch for specks that walk.',
    'alcohol-on-fluff' => 'Touch the white stuff with a swab of alcohol: does it smear pink or brown?',
    'torch-along-grooves' => 'Shine a torch along the grooves and into the joints: any white fluff?',
    'webs-against-light' => 'Hold a leaf against the light: any fine webs between leaf and stem?',
    'dusk' => 'Go out at dusk with a torch: any slime, slug or snail?',
    'droppings' => 'Look under the eaten leaves: a caterpillar, or dark droppings below?',
    'beetles-by-day' => 'Look on the leaves in full sun: any beetles?',
    'eggs-under' => 'Turn a few leaves over: yellow or orange eggs in clumps?',
    'dig-an-inch' => 'Dig an inch into the soil: any pale grubs?',
    'knock' => 'Knock the plant: does a white cloud fly up?',
    'tips' => 'Look at the youngest tips and the stems below: soft insects in clusters?',
    'fingernail' => 'Push a bump with a fingernail: does a dome come off whole?',
    'sticky' => 'Run a finger over a leaf: is it sticky?',
    'rub-below' => 'Rub the underside with a finger: orange or brown powder?',
    'lens-folds' => 'Blow into flowers and folds: slender insects that run?',
    'press-base' => 'Press the stem where it meets the soil: is it soft?',
    'finger-in-soil' => 'Push a finger into the soil: is it wet although the plant is limp?',
    'dry-soil' => 'Lift the pot: is it light, the soil dry?',
    'spot-edge' => 'Look at one spot closely: rings like a target?',
    'flies-on-soil' => 'Disturb the soil: do small dark flies run or rise?',
    'sunny-side' => 'Compare sides: is only the sunny side bleached?',
    'film' => 'Wipe a leaf: is there a white, floury film on it?',
    'leaf-against-light' => 'Hold a marked leaf against the light: is there a winding tunnel inside?',
    'newest-leaf' => 'Feel the newest leaf: is it hard, twisted and bronzed, with nothing to be seen on it?',
    'where-it-was-wet' => 'Compare with where a spray ran together: are the marks just there, at edges, tips and drips?',
    'newest-growth' => 'Look at what has grown since: is it clean?',
    'crust' => 'Look at the soil and the rim of the pot: is there a white crust?',
    'under-yellow' => 'Turn a yellow patch over, in the early morning: grey, white or violet fuzz?',
    'watch-a-patch' => 'Draw round a dark patch with a pen: is it larger, and wet, the day after tomorrow?',
    'wet-finger' => 'Rub a pale spot with a wet finger: does it come off, and the leaf is sound?',
    'other-kinds' => 'Look at other kinds of plants near by: the same on them, on one side?',
    'knock-out' => 'Slide the root ball out of the pot: white waxy specks on roots or the pot?',
];
