<?php

declare(strict_types=1);

/*
 * What is said beside the spoons: the rounder answer, a volume nearby, the spoon that is missing.
 */
return [
    'or-more' => 'or {scoop}: {percent} % more',
    'or-less' => 'or {scoop}: {percent} % less',
    'volume-whole' => 'At {volume} every line is whole spoons.',
    'volume-as-written' => 'As written it makes {volume}, and its own figures are whole spoons.',
    'volume-fewer' => 'At {volume} no line takes more than {moves} moves.',
    'spoon-closer' => 'A {measure} in the drawer would measure {names} closely enough.',
    'spoon-nearer' => 'Nothing in the drawer measures {names}: a {measure} would come near.',
    'spoon-fewer' => 'A {measure} in the drawer would save {count} moves here.',
];
