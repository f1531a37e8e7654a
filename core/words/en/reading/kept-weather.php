<?php

declare(strict_types=1);

/*
 * The sentence that records kept before they kept figures: “21 °C, 60 % humid, wind 6 km/h, rain 0.4 mm (the file June)”.
 */
return [
    'sentence' => '/^(?<celsius>-?\d+(?:\.\d+)?) °C, (?<humidity>\d+(?:\.\d+)?) % humid(?:, wind (?<wind>\d+(?:\.\d+)?) km\/h)?(?:, rain (?<rain>\d+(?:\.\d+)?) mm)?(?: \((?<by>.*)\))?$/u',
    'door' => 'what you said at the door: ',
    'file' => 'the file ',
];
