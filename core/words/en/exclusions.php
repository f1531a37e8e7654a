<?php

declare(strict_types=1);

/*
 * Why a spray cannot work or may not be used, by code; {name}, {trouble} and {plant} are filled in. Common practice where
 * no other standing is named beside it.
 */
return [
    'no-effect' => '{name} does nothing to {trouble} at this stage: nothing in it works on them (common practice, no source).',
    'no-spray-works' => 'None of these sprays works on {trouble} (common practice, no source). {matters}',
    'none-now' => 'What works on {trouble} may not be used on {plant} as it stands now; the reasons are below.',
    'drench-on-leaf' => '{name} is a soil drench; {trouble} sit on the plant (common practice, no source).',
    'spray-on-soil' => '{name} is sprayed on leaves; {trouble} live in the soil (common practice, no source).',
    'drench-planted' => '{name} is for a bed with nothing growing in it; this one is planted (common practice, no source).',
    'winter-only' => '{name} is for bare wood in winter; there are leaves on it now (published, noted from memory).',
    'leaves-only' => '{name} is for leaves; there are none on bare wood (common practice, no source).',
    'hairy-alcohol' => 'Alcohol wilts hairy leaves for good (common practice, no source).',
    'seedling' => 'Seedlings bear neither oil nor alcohol well; soap does (common practice, no source).',
    'soap-sensitive' => 'Soap marks this kind of plant; what works otherwise goes first (common practice, no source).',
    'soda-for-nothing' => 'The soda in {name} is for fungus; on {trouble} it is salt for nothing (common practice, no source).',
    'cats' => 'Essential oils can poison cats (common practice, no source).',
    'bench' => '{verdict}',
    'soap-too-weak' => 'The water leaves too little of the soap in {name} to kill anything (common practice, no source).',
    'wait-for-winter' => 'On {trouble} in leaf nothing works: wait for bare wood, then winter oil before the buds break (common practice, no source).',
];
