<?php

declare(strict_types=1);

/*
 * Further looks that tell suspects apart, and which sign each shows. All of it common practice.
 */
return [
    'tap-on-paper' => ['sign' => 'moving-specks', 'source' => 'practice'],
    'alcohol-on-fluff' => ['sign' => 'fluff-smears', 'source' => 'practice'],
    'torch-along-grooves' => ['sign' => 'white-fluff', 'source' => 'practice'],
    'webs-against-light' => ['sign' => 'webs', 'source' => 'practice'],
    'dusk' => ['sign' => 'slime', 'source' => 'practice'],
    'droppings' => ['sign' => 'caterpillars', 'source' => 'practice'],
    'beetles-by-day' => ['sign' => 'beetles', 'source' => 'practice'],
    'eggs-under' => ['sign' => 'yellow-eggs', 'source' => 'practice'],
    'dig-an-inch' => ['sign' => 'soil-grubs', 'source' => 'practice'],
    'knock' => ['sign' => 'white-flies', 'source' => 'practice'],
    'tips' => ['sign' => 'clusters-on-tips', 'source' => 'practice'],
    'fingernail' => ['sign' => 'domes', 'source' => 'practice'],
    'sticky' => ['sign' => 'honeydew', 'source' => 'practice'],
    'rub-below' => ['sign' => 'pustules', 'source' => 'practice'],
    'lens-folds' => ['sign' => 'slender-insects', 'source' => 'practice'],
    'press-base' => ['sign' => 'soft-base', 'source' => 'practice'],
    'finger-in-soil' => ['sign' => 'limp-on-wet', 'source' => 'practice'],
    'dry-soil' => ['sign' => 'limp-on-dry', 'source' => 'practice'],
    'spot-edge' => ['sign' => 'ringed-spots', 'source' => 'practice'],
    'flies-on-soil' => ['sign' => 'soil-flies', 'source' => 'practice'],
    'sunny-side' => ['sign' => 'bleached', 'source' => 'practice'],
    'film' => ['sign' => 'white-film', 'source' => 'practice'],
    'leaf-against-light' => ['sign' => 'tunnels', 'source' => 'practice'],
    'newest-leaf' => ['sign' => 'hard-twisted', 'source' => 'practice'],
    'where-it-was-wet' => ['sign' => 'wet-marks', 'source' => 'practice'],
    'newest-growth' => ['sign' => 'clean-new-growth', 'source' => 'practice'],
    'crust' => ['sign' => 'salt-crust', 'source' => 'practice'],
    'under-yellow' => ['sign' => 'grey-under', 'source' => 'practice'],
    'watch-a-patch' => ['sign' => 'wet-spreading', 'source' => 'practice'],
    'wet-finger' => ['sign' => 'wipes-off', 'source' => 'practice'],
    'other-kinds' => ['sign' => 'several-kinds', 'source' => 'practice'],
    'knock-out' => ['sign' => 'white-on-roots', 'source' => 'practice'],
];
