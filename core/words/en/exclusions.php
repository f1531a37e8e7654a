<?php

declare(strict_types=1);

/*
 * Why a spray cannot work or may not be used, by code; {name}, {trouble} and {plant} are filled in. Common practice where
 * no other standing is named beside it.
 */
return [
    'no-effect' => '{name} does nothing to {trouble} at this stage.',
    'no-spray-works' => 'None of these sprays works on {trouble}. {matters}',
    'none-now' => 'What works on {trouble} may not be used on {plant} as it stands now; the reasons are below.',
    'drench-on-leaf' => '{name} is poured on soil, and {trouble} sit on the plant.',
    'spray-on-soil' => '{name} is sprayed on leaves, and {trouble} live in the soil.',
    'drench-planted' => '{name} is for an empty bed, and this one is planted.',
    'winter-only' => '{name} is for bare wood in winter, and there are leaves on it now.',
    'leaves-only' => '{name} is for leaves, and there are none on bare wood.',
    'hairy-alcohol' => 'Alcohol wilts hairy leaves for good.',
    'seedling' => 'Young plants bear no oil and no alcohol well. Soap they do.',
    'soap-sensitive' => 'Soap marks this kind of plant: what works without it goes first.',
    'soda-for-nothing' => 'The soda in {name} is for fungus. On {trouble} it is salt for nothing.',
    'cats' => 'Essential oils can poison cats.',
    'bench' => '{verdict}',
    'soap-too-weak' => 'The water leaves too little of the soap in {name} to kill.',
    'wait-for-winter' => 'In leaf nothing works on {trouble}: wait for bare wood, then take winter oil before the buds break.',
];
