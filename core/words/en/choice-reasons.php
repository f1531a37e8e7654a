<?php

declare(strict_types=1);

/*
 * What speaks for and against a spray that can be used, by code.
 */
return [
    'kills' => '{why} {sure}',
    'checks' => '{why} {sure}',
    'used-for' => 'Gardeners use it on {trouble}.',
    'in-cupboard' => 'Everything for it is in the cupboard.',
    'little-work' => 'Little work.',
    'missing' => 'Missing from the cupboard: {what}.',
    'stands-in' => '{with} stands in for {for}. {costs}',
    'much-work' => 'Much work: {work}.',
    'wait' => 'Judge it after {wait} at the earliest.',
    'smell' => 'Smells indoors for a day or more.',
    'own' => 'In your own rounds against it: worked in {worked} of {judged}.',
    'own-last' => 'In your own rounds against it: worked in {worked} of {judged}, last on {plant}.',
    'half-is-enough' => 'Half of it is enough for {trouble}.',
    'bench' => '{verdict}',
    'not-held' => 'The oil is not held in this water: keep swirling while you spray.',
    'flammable' => 'Alcohol burns: no flame or spark near it.',
    'leaf-wins' => 'A heavy infestation asks for more; the leaf wins. {verdict}',
    'half' => 'At half strength, so that this leaf bears it.',
    'high' => 'At the high end of its range: less is too little here.',
];
