<?php

declare(strict_types=1);

/*
 * Further looks that tell suspects apart: what to do, and which sign it shows. All of it common practice.
 */
$look = static fn(string $words, string $sign): array => ['words' => $words, 'sign' => $sign, 'source' => 'practice'];

return [
    'tap-on-paper' => $look('Tap a leaf over white paper and watch for specks that walk.', 'moving-specks'),
    'alcohol-on-fluff' => $look('Touch the white stuff with a swab of alcohol: does it smear pink or brown?', 'fluff-smears'),
    'torch-along-grooves' => $look('Shine a torch along the grooves and into the joints: any white fluff?', 'white-fluff'),
    'webs-against-light' => $look('Hold a leaf against the light: any fine webs between leaf and stem?', 'webs'),
    'dusk' => $look('Go out at dusk with a torch: any slime, slug or snail?', 'slime'),
    'droppings' => $look('Look under the eaten leaves: a caterpillar, or dark droppings below?', 'caterpillars'),
    'beetles-by-day' => $look('Look on the leaves in full sun: any beetles?', 'beetles'),
    'eggs-under' => $look('Turn a few leaves over: yellow or orange eggs in clumps?', 'yellow-eggs'),
    'dig-an-inch' => $look('Dig an inch into the soil: any pale grubs?', 'soil-grubs'),
    'knock' => $look('Knock the plant: does a white cloud fly up?', 'white-flies'),
    'tips' => $look('Look at the youngest tips and the stems below: soft insects in clusters?', 'clusters-on-tips'),
    'fingernail' => $look('Push a bump with a fingernail: does a dome come off whole?', 'domes'),
    'sticky' => $look('Run a finger over a leaf: is it sticky?', 'honeydew'),
    'rub-below' => $look('Rub the underside with a finger: orange or brown powder?', 'pustules'),
    'lens-folds' => $look('Blow into flowers and folds: slender insects that run?', 'slender-insects'),
    'press-base' => $look('Press the stem where it meets the soil: is it soft?', 'soft-base'),
    'finger-in-soil' => $look('Push a finger into the soil: is it wet although the plant is limp?', 'limp-on-wet'),
    'dry-soil' => $look('Lift the pot: is it light, the soil dry?', 'limp-on-dry'),
    'spot-edge' => $look('Look at one spot closely: rings like a target?', 'ringed-spots'),
    'flies-on-soil' => $look('Disturb the soil: do small dark flies run or rise?', 'soil-flies'),
    'sunny-side' => $look('Compare sides: is only the sunny side bleached?', 'bleached'),
    'film' => $look('Wipe a leaf: is there a white, floury film on it?', 'white-film'),
    'leaf-against-light' => $look('Hold a marked leaf against the light: is there a winding tunnel inside?', 'tunnels'),
    'newest-leaf' => $look('Feel the newest leaf: is it hard, twisted and bronzed, with nothing to be seen on it?', 'hard-twisted'),
    'where-it-was-wet' => $look('Compare with where a spray ran together: are the marks just there, at edges, tips and drips?', 'wet-marks'),
    'newest-growth' => $look('Look at what has grown since: is it clean?', 'clean-new-growth'),
    'crust' => $look('Look at the soil and the rim of the pot: is there a white crust?', 'salt-crust'),
];
