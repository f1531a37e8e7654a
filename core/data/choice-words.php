<?php

declare(strict_types=1);

/*
 * What speaks for and against a spray that can be used, by code.
 */
return [
    'kills' => '{why} ({sure}; {from})',
    'checks' => '{why} ({sure}; {from})',
    'used-for' => 'Gardeners use it on {trouble} (common practice, no source).',
    'in-cupboard' => 'Everything for it is in the cupboard.',
    'little-work' => 'Little work.',
    'missing' => 'Missing from the cupboard: {what}.',
    'much-work' => 'Much work: {work}.',
    'wait' => 'Judge it after {wait} at the earliest.',
    'smell' => 'Smells indoors for a day or more (common practice, no source).',
    'hard-water' => 'The water is hard ({hardness} mg/L): castile soap clouds and drops out. Use rain water or soap bark (common practice, no source).',
    'flammable' => 'Alcohol burns: no flame or spark near it.',
    'strips-wax' => 'Soap and oil strip some of the powder off this leaf (common practice, no source).',
    'wash-food' => 'Wash what is eaten; keep some days between spraying and picking.',
    'leaf-wins' => 'A heavy infestation asks for more, this leaf bears no more than {limit} % oil: the leaf wins ({limit-from}).',
    'half' => 'At half strength, so that this leaf bears it.',
    'high' => 'At the high end of its range, for a heavy infestation.',
    'no-emulsifier' => 'There is nothing in it that holds the oil in the water: shake all the while.',
    'caution' => '{verdict}',
];
