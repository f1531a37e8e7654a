<?php

declare(strict_types=1);

/*
 * What wants weather of its own, as sentences call it.
 */
return [
    'oil' => 'oil', 'neem' => 'neem', 'soap' => 'soap this strong', 'detergent' => 'detergent', 'soda' => 'soda', 'alcohol' => 'alcohol', 'peroxide' => 'peroxide',
    'essential' => 'essential oil', 'egg' => 'the egg emulsion', 'wood' => 'winter oil', 'soil' => 'a drench', 'water' => 'spraying',
];
