<?php

declare(strict_types=1);

/*
 * What is said beside the spoons: the rounder answer, a volume nearby, the spoon that is missing.
 */
return [
    'or-more' => 'or {scoop}: {percent} % more',
    'or-less' => 'or {scoop}: {percent} % less',
    'volume' => 'At {volume} every line is whole spoons.',
    'spoon-closer' => 'A {measure} in the drawer would measure {names} closely enough.',
    'spoon-fewer' => 'A {measure} in the drawer would save {count} moves here.',
];
