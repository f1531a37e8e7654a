<?php

declare(strict_types=1);

/*
 * What makes a trouble likelier on this plant than anywhere, or less likely, before any sign is seen.
 */
return [
    'often-on-kind' => 'Common on this kind of plant.',
    'hardly-on-kind' => 'Rare on this kind of plant.',
    'often-indoors' => 'Common on plants indoors.',
    'seldom-indoors' => 'Seldom met indoors.',
    'often-outdoors' => 'Common on plants outdoors.',
    'seldom-outdoors' => 'Seldom met outdoors.',
    'often-now' => 'Common at this time of year.',
    'seldom-now' => 'Seldom met at this time of year.',
    'had-here' => 'You had it here before.',
];
